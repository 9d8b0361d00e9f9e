import { createElement, useState, type ComponentType } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';

export type StageId =
  | 'walk'
  | 'test'
  | 'build-up'
  | 'quantities'
  | 'conditions'
  | 'sequence'
  | 'plan'
  | 'today'
  | 'hang'
  | 'check'
  | 'handover';

/** One stage of the work: all that the ladder, the keys and the palette know of it. */
export interface Stage {
  id: StageId;
  /** The address that it had before; it still leads here. */
  formerly?: string;
  name: string;
  /** The key that goes there. */
  key: string;
  /** What the painter does there, for the palette. */
  does: string;
  /** What helps at the first use, in a sentence. */
  hint: string;
  screen: ComponentType;
  /** Fetches the screen before it is shown. */
  prepare(): void;
}

/** A screen that is fetched when it is shown, or before; one that was fetched stands there without a moment's waiting. */
function screenFrom(load: () => Promise<{ default: ComponentType }>): Pick<Stage, 'screen' | 'prepare'> {
  let fetched: ComponentType | null = null;
  const Awaited = fetchedLater(load);
  return {
    screen: function Screen() {
      const [Shown] = useState(() => fetched ?? Awaited);
      return createElement(Shown);
    },
    prepare: () => {
      // What can't be fetched is told where the screen is shown.
      load().then(
        (module) => (fetched = module.default),
        () => undefined,
      );
    },
  };
}

/** The stages in the order of the work. */
export const STAGES: readonly Stage[] = [
  {
    id: 'walk',
    name: 'Walk',
    key: 'w',
    does: 'List and measure every piece',
    hint: 'Type pieces as you would say them: 6 doors oil gloss. Tap a drawing to change it.',
    ...screenFrom(() => import('./walk/Walk.tsx')),
  },
  {
    id: 'test',
    formerly: 'prove',
    name: 'Test',
    key: 'v',
    does: 'Find out what’s on the surface',
    hint: 'Do a test, tap what you see. What isn’t tested is assumed, and said so.',
    ...screenFrom(() => import('./test/TestStage.tsx')),
  },
  {
    id: 'build-up',
    name: 'Build-up',
    key: 'b',
    does: 'Choose prep, primer and topcoats',
    hint: 'The first one suits your priorities best. Tap a rule’s name to see why.',
    ...screenFrom(() => import('./build-up/BuildUpStage.tsx')),
  },
  {
    id: 'quantities',
    name: 'Quantities',
    key: 'q',
    does: 'Areas, litres, tins and price',
    hint: 'Enter what you have in stock. The rest is what to buy.',
    ...screenFrom(() => import('./quantities/Quantities.tsx')),
  },
  {
    id: 'conditions',
    formerly: 'air',
    name: 'Conditions',
    key: 'a',
    does: 'Weather, rooms, drying times, readings',
    hint: 'Green hours are good for painting. Import a forecast before the work.',
    ...screenFrom(() => import('./conditions/ConditionsStage.tsx')),
  },
  {
    id: 'sequence',
    formerly: 'strokes',
    name: 'Sequence',
    key: 's',
    does: 'Which part first, to keep a wet edge',
    hint: 'Drag the slider to watch the edges set. Fixes are under the drawing.',
    ...screenFrom(() => import('./sequence/SequenceStage.tsx')),
  },
  {
    id: 'plan',
    name: 'Plan',
    key: 'p',
    does: 'Who does what, when',
    hint: 'Tap a batch to see why it waits. Accept when the date suits.',
    ...screenFrom(() => import('./plan/Plan.tsx')),
  },
  {
    id: 'today',
    name: 'Today',
    key: 't',
    does: 'What’s next, what’s dry',
    hint: 'Tap Start, then Done. The list says what you may touch.',
    ...screenFrom(() => import('./today/Today.tsx')),
  },
  {
    id: 'hang',
    name: 'Hang',
    key: 'h',
    does: 'Hardware bags, hanging, close and wash dates',
    hint: 'Tap a piece to see when it may hang, close and be washed.',
    ...screenFrom(() => import('./hang/Hang.tsx')),
  },
  {
    id: 'check',
    name: 'Check',
    key: 'c',
    does: 'Inspect, fix defects, sign off rooms',
    hint: 'Tap the spot of a defect. Likely causes come from your log.',
    ...screenFrom(() => import('./check/CheckStage.tsx')),
  },
  {
    id: 'handover',
    formerly: 'hand-over',
    name: 'Handover',
    key: 'o',
    does: 'Job record, care sheet, touch-up kit',
    hint: 'Missing points are at the top, each leads where it is done.',
    ...screenFrom(() => import('./handover/HandoverStage.tsx')),
  },
];

/** The stage of an address, by its name of now or an earlier one. */
export const stageAt = (address: string): Stage | undefined =>
  STAGES.find(({ id, formerly }) => id === address || formerly === address);
