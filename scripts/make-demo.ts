import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { linenPress } from '../demo/linen-press.ts';
import { ternStreet } from '../demo/tern-street.ts';
import { writeJobFile } from '../core/exchange/job-file.ts';
import { writeReadingsCsv } from '../core/exchange/readings-csv.ts';

/** Where the files go: `DEMO` names another folder than the project's, to try it. */
const folder = process.env.DEMO ?? fileURLToPath(new URL('../demo', import.meta.url));

/** A week of hygrometer readings, to be played into the log of Tern Street. */
const school = ternStreet();
writeFileSync(`${folder}/workshop-readings.csv`, writeReadingsCsv(school));

/** Writes the demo jobs as files of the open format, from the commands that a painter would have given. */
for (const job of [linenPress(), school]) {
  const name = `${job.id.replace(/^demo-/, '')}.nivel.json`;
  writeFileSync(`${folder}/${name}`, writeJobFile(job));
  console.log(`${name}: ${job.pieces.length} pieces, ${job.plan?.tasks.length ?? 0} planned tasks`);
}
