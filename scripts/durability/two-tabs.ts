import 'fake-indexeddb/auto';
import { isDeepStrictEqual } from 'node:util';
import { NivelDatabase } from '../../app/keeping/database.ts';
import { fresh } from '../../app/keeping/fresh-row.ts';
import { JobStore } from '../../app/keeping/job-store.ts';
import type { CommandName } from '../../core/job/commands/apply.ts';
import { full, given, KINDS, takenValues } from '../../core/fixtures/changeable-kinds.ts';
import { seededRandom } from '../../core/units/seeded-random.ts';

/** What edits from two tabs came to. */
export interface TwoTabs {
  pairs: number;
  /** Pairs of which one change was gone afterwards. */
  lost: number;
  kinds: number;
}

/**
 * Two tabs, each with its own store on one database, change different fields of one thing at the same moment, so many
 * times, over every kind of thing that can be changed.
 */
export async function twoTabs(count: number, seed: number): Promise<TwoTabs> {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const kinds = Object.values(KINDS).map((kind) => ({ kind, fields: takenValues(kind) }));
  const told: TwoTabs = { pairs: 0, lost: 0, kinds: kinds.length };
  for (let turn = 0; told.pairs < count; turn++) {
    const { kind, fields } = kinds[turn % kinds.length] ?? pick(kinds);
    const [one, other] = [pick(fields), pick(fields)];
    if (one.path.startsWith(other.path) || other.path.startsWith(one.path)) continue;
    const [first, second] = [kind.change(one.facts), kind.change(other.facts)];
    const alone = given(full, first);
    const both = alone && given(alone, second);
    // Two fields that do not go together are refused, and told.
    if (both === null) continue;
    told.pairs++;
    const database = new NivelDatabase(`two-tabs-${told.pairs}`);
    await database.jobs.add(fresh(full));
    const tabs = [new JobStore(database, full.id), new JobStore(database, full.id)] as const;
    await Promise.all(tabs.map((tab) => tab.open()));
    const give = (tab: JobStore, [name, args]: [string, object]): unknown => tab.apply(name as CommandName, args);
    give(tabs[0], first);
    give(tabs[1], second);
    await Promise.all(tabs.map((tab) => tab.settled()));
    const kept = (await database.jobs.get(full.id))?.job;
    if (!isDeepStrictEqual(kept, both)) told.lost++;
    for (const tab of tabs) tab.close();
    await database.delete();
  }
  return told;
}
