import { writeFileSync } from 'node:fs';
import { linenPress } from '../demo/linen-press.ts';
import { ternStreet } from '../demo/tern-street.ts';
import { writeJobFile } from '../core/exchange/job-file.ts';
import { writeReadingsCsv } from '../core/exchange/readings-csv.ts';

/** A week of hygrometer readings, to be played into the log of Tern Street. */
const school = ternStreet();
writeFileSync(new URL('../demo/workshop-readings.csv', import.meta.url), writeReadingsCsv(school));

/** Writes the demo jobs as files of the open format, from the commands that a painter would have given. */
for (const job of [linenPress(), school]) {
  const file = new URL(`../demo/${job.id.replace(/^demo-/, '')}.nivel.json`, import.meta.url);
  writeFileSync(file, writeJobFile(job));
  console.log(
    `${file.pathname.split('/').at(-1)}: ${job.pieces.length} pieces, ${job.plan?.tasks.length ?? 0} planned tasks`,
  );
}
