import { coatingOf } from '../job/queries/shelf.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { judge, type Breach } from './judge.ts';

/** A step that could be done otherwise, or left out, and the build-up with that. */
interface OtherStep {
  id: string;
  /** As in “why not sand it dry?”. */
  words: string;
  /** Null where it is done so already. */
  with(job: Job, buildUp: BuildUp): BuildUp | null;
}

/** The build-up with every face's coats changed. */
function withCoats(buildUp: BuildUp, change: (coats: readonly Coat[]) => Coat[]): BuildUp | null {
  const { back } = buildUp.faceCoats;
  const changed = { ...buildUp, coats: change(buildUp.coats), faceCoats: back ? { back: change(back) } : {} };
  return changed.coats.length === buildUp.coats.length && changed.faceCoats.back?.length === back?.length
    ? null
    : changed;
}

const keyed = (key: BuildUp['key'], words: string): OtherStep => ({
  id: `key-${key}`,
  words,
  with: (_job, buildUp) => (buildUp.key === key ? null : { ...buildUp, key }),
});

const roleOf = (job: Job, { product }: Coat): string | undefined => coatingOf(job, product)?.role;

/** Steps that painters would like to do otherwise. To add one is to add an entry. */
export const OTHER_STEPS: readonly OtherStep[] = [
  keyed('abrade', 'sand it dry'),
  keyed('wet-abrade', 'sand it wet'),
  keyed('degloss', 'degloss only'),
  keyed('none', 'no key at all'),
  {
    id: 'no-cleaning',
    words: 'no cleaning',
    with: (_job, buildUp) => (buildUp.cleaning.length === 0 ? null : { ...buildUp, cleaning: [] }),
  },
  {
    id: 'no-rinse',
    words: 'no rinsing',
    with: (_job, buildUp) =>
      buildUp.cleaning.some(({ rinsed }) => rinsed)
        ? { ...buildUp, cleaning: buildUp.cleaning.map((step) => ({ ...step, rinsed: false })) }
        : null,
  },
  {
    id: 'no-grain-filler',
    words: 'no grain filler',
    with: (_job, buildUp) => (buildUp.grainFill === null ? null : { ...buildUp, grainFill: null }),
  },
  {
    id: 'no-preservative',
    words: 'no preservative',
    with: (_job, buildUp) => (buildUp.preservative === null ? null : { ...buildUp, preservative: null }),
  },
  {
    id: 'no-primer',
    words: 'no primer',
    with: (job, buildUp) => withCoats(buildUp, (coats) => coats.filter((coat) => roleOf(job, coat) !== 'primer')),
  },
  {
    id: 'one-topcoat',
    words: 'one topcoat',
    with: (job, buildUp) =>
      withCoats(buildUp, (coats) => {
        const first = coats.find((coat) => roleOf(job, coat) === 'topcoat');
        return coats.filter((coat) => roleOf(job, coat) !== 'topcoat' || coat === first);
      }),
  },
  {
    id: 'no-sealer',
    words: 'no sealer',
    with: (job, buildUp) => withCoats(buildUp, (coats) => coats.filter((coat) => roleOf(job, coat) !== 'sealer')),
  },
];

/** The rules that speak against doing one step otherwise, and that do not speak against the build-up as it is. */
export function againstStep(job: Job, group: FinishGroup, buildUp: BuildUp, step: OtherStep): Breach[] | null {
  const other = step.with(job, buildUp);
  if (other === null) return null;
  const before = new Set(judge(job, group, buildUp).findings.map(({ rule }) => rule));
  return judge(job, group, other).findings.filter(
    ({ rule }) => (rule.severity === 'forbidden' || rule.severity === 'risk') && !before.has(rule),
  );
}
