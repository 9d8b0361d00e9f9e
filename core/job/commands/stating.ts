/** Puts an entry into a list, in the place of the one with its id if there is one. */
export function stateIn<T extends { id: string }>(list: T[], entry: T): void {
  const index = list.findIndex(({ id }) => id === entry.id);
  if (index < 0) list.push(entry);
  else list[index] = entry;
}
