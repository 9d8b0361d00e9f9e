import { enablePatches, produceWithPatches } from 'immer';
import { accepted, refused } from '../../units/outcome.ts';
import { jobSchema } from '../schema.ts';
import { CommandRefused } from './definition.ts';
import { COMMANDS } from './registry.ts';
enablePatches();
/**
 * Carries out a named command on a document, without touching the document it is given.
 * The result has passed the job schema; a refused outcome says which field is wrong and changes nothing.
 */
export function applyCommand(job, name, args) {
  const definition = COMMANDS[name];
  const parsed = definition.args.safeParse(args);
  if (!parsed.success) return refused(firstMessage(parsed.error));
  try {
    const label = definition.label(parsed.data, job);
    const [changed, patches, inverse] = produceWithPatches(job, (draft) => definition.change(draft, parsed.data));
    const checked = jobSchema.safeParse(changed);
    if (!checked.success) return refused(firstMessage(checked.error));
    return accepted({ job: changed, label, patches, inverse });
  } catch (error) {
    if (error instanceof CommandRefused) return refused(error.message);
    throw error;
  }
}
function firstMessage(error) {
  return error.issues[0]?.message ?? 'That can’t be taken.';
}
