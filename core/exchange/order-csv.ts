import type { Job } from '../job/document/schema.ts';
import { consumableNeeds } from '../quantities/consumables.ts';
import { productNeeds } from '../quantities/litres.ts';
import { tinsOnSale } from '../job/queries/shelf.ts';
import { tinSizeInWords } from '../shelf/tin-sizes.ts';
import { writeCsv } from './csv.ts';

/** The order of a job as a list for the shop: a row for each size of tin and each pack, with what it comes to. */
export function writeOrderCsv(job: Job): string {
  const rows = [
    ...productNeeds(job).flatMap(({ coating, colour, tins: { best }, litres }) =>
      [...new Set(best.tins)].map((size) => {
        const count = best.tins.filter((tin) => tin === size).length;
        const price = tinsOnSale(job, coating).find((tin) => tin.litres === size)?.price ?? 0;
        return [
          coating.name,
          colour?.name ?? '',
          colour?.hex ?? '',
          tinSizeInWords(size, job.settings.units),
          count,
          count * price,
          litres.toFixed(3),
        ];
      }),
    ),
    ...consumableNeeds(job).map(({ name, measure, pack, packs, cost, needed }) => [
      name,
      '',
      '',
      `pack of ${measure?.brief(pack.count, job.settings.units) ?? pack.count}`,
      packs,
      cost,
      measure?.format(needed, job.settings.units) ?? needed,
    ]),
  ];
  return writeCsv(['What', 'Colour', 'Hex', 'Size', 'How many', job.settings.currency, 'Needed'], rows);
}
