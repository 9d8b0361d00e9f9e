import type { Job } from '../job/document/schema.ts';
import { lengthsIn } from '../units/length.ts';
import { inVocabulary } from '../units/vocabulary.ts';
import { heading, saidIn, text, type Block } from './blocks.ts';
import { faceRecords } from './face-record.ts';
import type { HandoverFacts } from './handover-facts.ts';
import { care } from './parts/care.ts';
import { faces } from './parts/coats.ts';
import { finishes } from './parts/finishes.ts';
import { checked } from './parts/inspection.ts';
import { leftOver } from './parts/leftovers.ts';
import { titleOf } from './parts/title.ts';
import { upkeep } from './parts/upkeep.ts';

/** The whole handover: what was done, how to live with it, what is left, what to look after. From the log, gaps shown. */
export function handoverDocument(job: Job, facts: HandoverFacts): Block[] {
  const records = faceRecords(job, facts.clocks);
  const blocks = [
    titleOf(job, facts),
    ...finishes(job, records),
    ...care(job, facts),
    ...faces(job, records),
    ...checked(job),
    ...leftOver(job, facts),
    ...upkeep(job, facts),
    ...(job.handOver.words.trim() === '' ? [] : [heading('words', 'Notes'), text(job.handOver.words)]),
  ];
  return saidIn(blocks, (sentence) => lengthsIn(inVocabulary(sentence, facts.vocabulary), job.settings.units));
}
