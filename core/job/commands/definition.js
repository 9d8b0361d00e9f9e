/** Thrown inside a command to refuse it, with a message for the painter. Nothing is changed. */
export class CommandRefused extends Error {}
/** Keeps a command's argument type while it is defined. */
export function command(definition) {
  return definition;
}
/** The entry of a list with this id. Refuses when it is gone, as after an undo in another tab. */
export function entryOf(list, id, what) {
  const entry = list.find((candidate) => candidate.id === id);
  if (entry === undefined) throw new CommandRefused(`That ${what} is no longer in the job.`);
  return entry;
}
