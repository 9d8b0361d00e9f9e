/**
 * A reporter of Node's test runner that tells the process which started this one of every test by itself, in order:
 * `{ name, milliseconds, fault }`, with null for what held.
 */
export default async function* laneReporter(events) {
  for await (const { type, data } of events) {
    if (type === 'test:stdout' || type === 'test:stderr') yield data.message;
    if (type !== 'test:pass' && type !== 'test:fail') continue;
    // A suite's own time is that of its tests.
    if (data.details.type === 'suite' && type === 'test:pass') continue;
    const { error, duration_ms: milliseconds } = data.details;
    process.send({
      name: data.name,
      isInner: data.nesting > 0,
      milliseconds,
      fault: type === 'test:pass' ? null : String(error?.cause?.stack ?? error?.cause ?? error?.stack ?? error),
    });
  }
}
