/** Recorded work as tasks that can stand nowhere else, each by a keeper of the record whose only hours they are. */
export function recordedTasks(recorded) {
  const keepers = [];
  const tasks = [...recorded]
    .sort((one, other) => one.start - other.start)
    .map(({ id, start, end }) => {
      let keeper = keepers.find(({ shifts }) => (shifts.at(-1)?.[1] ?? 0) <= start);
      if (keeper === undefined) {
        keeper = { id: `record-${keepers.length + 1}`, shifts: [] };
        keepers.push(keeper);
      }
      keeper.shifts.push([start, end]);
      return {
        id,
        work: end - start,
        painters: 1,
        spaces: [],
        earliest: start,
        latest: end,
        pausable: false,
        by: [keeper.id],
      };
    });
  return { tasks, painters: keepers };
}
