import { createElement, useState, type ComponentType } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';

export type StageId =
  | 'walk'
  | 'prove'
  | 'build-up'
  | 'quantities'
  | 'air'
  | 'strokes'
  | 'plan'
  | 'today'
  | 'hang'
  | 'check'
  | 'hand-over';

/** One stage of the work: all that the ladder, the keys and the palette know of it. */
export interface Stage {
  id: StageId;
  name: string;
  /** The key that goes there. */
  key: string;
  /** What one does there, for the palette. */
  does: string;
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
    does: 'List and measure the pieces',
    ...screenFrom(() => import('./walk/Walk.tsx')),
  },
  {
    id: 'prove',
    name: 'Prove',
    key: 'v',
    does: 'Test what is there before anything is chosen',
    ...screenFrom(() => import('./prove/ProveStage.tsx')),
  },
  {
    id: 'build-up',
    name: 'Build-up',
    key: 'b',
    does: 'Choose what goes on, coat by coat',
    ...screenFrom(() => import('./build-up/BuildUpStage.tsx')),
  },
  {
    id: 'quantities',
    name: 'Quantities',
    key: 'q',
    does: 'Areas, litres and tins',
    ...screenFrom(() => import('./quantities/Quantities.tsx')),
  },
  {
    id: 'air',
    name: 'Air',
    key: 'a',
    does: 'Weather, rooms, drying clocks and instruments',
    ...screenFrom(() => import('./air/AirStage.tsx')),
  },
  {
    id: 'strokes',
    name: 'Strokes',
    key: 's',
    does: 'Which panel, which edge, in which order',
    ...screenFrom(() => import('./strokes/StrokesStage.tsx')),
  },
  {
    id: 'plan',
    name: 'Plan',
    key: 'p',
    does: 'Days, runs and the rack',
    ...screenFrom(() => import('./plan/Plan.tsx')),
  },
  {
    id: 'today',
    name: 'Today',
    key: 't',
    does: 'What is next and what may be touched',
    ...screenFrom(() => import('./today/Today.tsx')),
  },
  {
    id: 'hang',
    name: 'Hang',
    key: 'h',
    does: 'Bags of hardware, and when each piece may be used',
    ...screenFrom(() => import('./hang/Hang.tsx')),
  },
  {
    id: 'check',
    name: 'Check',
    key: 'c',
    does: 'A round in raking light, defects and their causes, rooms signed off',
    ...screenFrom(() => import('./check/CheckStage.tsx')),
  },
  {
    id: 'hand-over',
    name: 'Hand-over',
    key: 'o',
    does: 'The record, the care sheet, the touch-up kit, and what the next job learns',
    ...screenFrom(() => import('./hand-over/HandOverStage.tsx')),
  },
];
