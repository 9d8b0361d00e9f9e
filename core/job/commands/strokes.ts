import { definitionOf } from '../../pieces/registry.ts';
import { inSentence } from '../../units/sentence.ts';
import { strokeChoiceSchema, type StrokeChoice } from '../document/stroke-schema.ts';
import { CommandRefused, command, entryOf } from './definition.ts';

const isFor =
  ({ groupId, kind, product }: Pick<StrokeChoice, 'groupId' | 'kind' | 'product'>) =>
  (choice: StrokeChoice): boolean =>
    choice.groupId === groupId && choice.kind === kind && choice.product === product;

/** Chooses how pieces of a kind, of one group, take a product; overtakes what was chosen before. */
export const chooseStrokes = command({
  args: () => strokeChoiceSchema,
  label: ({ kind, groupId }, job) =>
    `Set the sequence for ${inSentence(definitionOf(kind).plural)}, ${job.groups.find(({ id }) => id === groupId)?.name ?? ''}`,
  change(draft, choice) {
    entryOf(draft.groups, choice.groupId, 'group');
    draft.strokes = [...draft.strokes.filter((entry) => !isFor(choice)(entry)), choice];
  },
});

/** Goes back to the usual order and tool of the build-up. */
export const forgetStrokes = command({
  args: () => strokeChoiceSchema.unwrap().pick({ groupId: true, kind: true, product: true }),
  label: ({ kind }) => `Reset the sequence for ${inSentence(definitionOf(kind).plural)}`,
  change(draft, choice) {
    if (!draft.strokes.some(isFor(choice))) throw new CommandRefused('Already the default.');
    draft.strokes = draft.strokes.filter((entry) => !isFor(choice)(entry));
  },
});
