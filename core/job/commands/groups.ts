import { inSentence } from '../../units/sentence.ts';
import type { Draft } from 'immer';
import { current } from 'immer';
import { z } from 'zod';
import { FOUND, resultInWords } from '../../pieces/found.ts';
import { addGroup, pruneGroups } from '../groups.ts';
import { finishGroupSchema, type FinishGroup } from '../document/group-schema.ts';
import type { Job } from '../document/schema.ts';
import { command, CommandRefused, entryOf } from './definition.ts';
import { partly } from './facts.ts';

/** A group's name, for history. */
export const nameOfGroup = (job: Job, groupId: string): string =>
  job.groups.find((group) => group.id === groupId)?.name ?? 'a group';

type Look = Pick<FinishGroup, 'name' | 'colour' | 'backColour' | 'coveredIn' | 'sheen' | 'schools'>;
const look = partly<Look>(
  z.lazy(() =>
    finishGroupSchema
      .unwrap()
      .pick({ name: true, colour: true, backColour: true, coveredIn: true, sheen: true, schools: true }),
  ),
);

/** Names a group, its colours, its sheen and its schools. */
export const changeGroup = command({
  args: () => z.intersection(z.object({ groupId: z.string() }), look.check()),
  label: ({ groupId }, job) => `Changed ${nameOfGroup(job, groupId)}`,
  change: (draft, { groupId, ...facts }) => look.put(entryOf(draft.groups, groupId, 'group'), facts),
});

/** Copies of what was found on one group, for the other. Ids stay unique by the group's own. */
function carry<T extends { id: string; groupId: string }>(list: readonly T[], from: string, to: string): T[] {
  return list
    .filter(({ groupId }) => groupId === from)
    .map((stamp) => ({ ...stamp, id: `${stamp.id}/${to}`, groupId: to }));
}

/** Takes pieces out of a group into one of their own, with all that was found and chosen. */
export const splitGroup = command({
  args: () => z.object({ groupId: z.string(), pieceIds: z.array(z.string()).min(1), name: z.string() }),
  label: ({ name }) => `Split off ${name}`,
  change(draft, { groupId, pieceIds, name }) {
    const group = current(entryOf(draft.groups, groupId, 'group'));
    const apart = new Set(pieceIds);
    const own = draft.pieces.filter((piece) => piece.groupId === groupId);
    const leaving = own.filter(({ id }) => apart.has(id));
    if (leaving.length < apart.size) throw new CommandRefused('Some of these pieces aren’t in that group.');
    if (leaving.length === own.length) {
      throw new CommandRefused('Leave at least one piece in the group.');
    }
    const { id: _id, name: _name, ...facts } = group;
    const made = addGroup(draft, name, { ...facts, byHand: true });
    for (const piece of leaving) piece.groupId = made.id;
    draft.findings.push(...carry(current(draft).findings, groupId, made.id));
    draft.patches.push(...carry(current(draft).patches, groupId, made.id));
  },
});

/** What was last found on a group, by question. */
function lastFound(draft: Draft<Job>, groupId: string): Map<string, string> {
  const own = draft.findings.filter((finding) => finding.groupId === groupId);
  return new Map(own.sort((one, other) => (one.at < other.at ? -1 : 1)).map(({ found, result }) => [found, result]));
}

/** Puts a group's pieces into another, which keeps its name, colour and build-up. What was found on both must agree. */
export const mergeGroups = command({
  args: () => z.object({ from: z.string(), into: z.string() }),
  label: ({ from, into }, job) => {
    const nameOf = (id: string): string => job.groups.find((group) => group.id === id)?.name ?? 'a group';
    return `Moved ${nameOf(from)} to ${nameOf(into)}`;
  },
  change(draft, { from, into }) {
    const [source, target] = [entryOf(draft.groups, from, 'group'), entryOf(draft.groups, into, 'group')];
    if (source === target) throw new CommandRefused('Choose another group.');
    const known = lastFound(draft, into);
    for (const [found, result] of lastFound(draft, from)) {
      const other = known.get(found);
      if (other === undefined || other === result || found === 'old-colour') continue;
      const question = found as keyof typeof FOUND;
      throw new CommandRefused(
        `These differ. ${FOUND[question].name}: ${inSentence(resultInWords(question, result))} here, ` +
          `${inSentence(resultInWords(question, other))} there. Retest, or keep them apart.`,
      );
    }
    for (const piece of draft.pieces) if (piece.groupId === from) piece.groupId = into;
    for (const stamp of [...draft.findings, ...draft.patches]) if (stamp.groupId === from) stamp.groupId = into;
    target.byHand = true;
    pruneGroups(draft);
  },
});
