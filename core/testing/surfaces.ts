import type { Ground } from '../build-up/situation.ts';
import type { Recipe } from '../build-up/system-coat.ts';
import { usualCoat } from '../build-up/fixing.ts';
import { shelfOf } from '../job/queries/shelf.ts';
import type { Coat } from '../job/document/coat-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FOUND } from '../pieces/found.ts';
import { EXISTING_COAT_IDS, SUBSTRATE_IDS, type ExistingCoat } from '../pieces/substrate.ts';
import { testsFor } from '../proving/proof-tests.ts';
import type { Proof, SurfaceFacts } from '../proving/proof.ts';

const SOUND_GLOSS: SurfaceFacts = {
  substrate: 'softwood',
  oldCoat: 'oil-gloss',
  soundness: 'holds',
  contamination: 'clean',
  moisture: 'dry',
  stains: 'none',
  mould: 'none',
  lead: 'none',
  edges: 'coated',
  oldColour: null,
};

/** Sound, clean, proved oil gloss on softwood, inside, both faces and all edges; but for what is said. */
export function ground(
  facts: Partial<SurfaceFacts> = {},
  more: Partial<Omit<Ground, 'proof'>> & { unknown?: Proof['unknown']; patch?: Proof['patch'] } = {},
): Ground {
  const { unknown = [], patch = null, ...rest } = more;
  return {
    proof: { facts: { ...SOUND_GLOSS, ...facts }, unknown, patch },
    exposure: { front: 'inside', back: 'inside' },
    faces: ['front', 'back'],
    edgeFace: 'front',
    hasEdges: true,
    hasOpenEdges: false,
    preservesRest: false,
    traits: [],
    fireRated: false,
    yearBuilt: 2005,
    colours: { front: '#efece2', back: '#efece2' },
    sheen: null,
    sprays: false,
    isProfessional: true,
    suppliedAir: true,
    work: 'joinery',
    coveredIn: null,
    ...rest,
  };
}

/** Looks outside on both faces. */
export const OUTSIDE = { exposure: { front: 'outside', back: 'outside' } } as const;

/** A coat as it is usually laid: `enamel-acrylic`, or with where it goes: `prime-shellac@spots`. */
export function coat(job: Pick<Job, 'shelf'>, written: string): Coat {
  const [product, extent = 'all'] = written.split('@');
  const coating = shelfOf(job).coatings.find(({ id }) => id === product);
  if (coating === undefined) throw new RangeError(`The shelf has no ${written}.`);
  return usualCoat(coating, extent as Coat['extent']);
}

/** Washed without rinsing, deglossed, and these coats on both faces; but for what is said. */
export function recipe(job: Pick<Job, 'shelf'>, coats: readonly string[], more: Partial<Recipe> = {}): Recipe {
  const laid = coats.map((written) => coat(job, written));
  return {
    cleaning: [{ product: 'no-rinse-wash', rinsed: false }],
    key: 'degloss',
    fillers: [],
    grainFill: null,
    preservative: null,
    coats: { front: laid, back: laid },
    ...more,
  };
}

const COATS = EXISTING_COAT_IDS.filter((id): id is Exclude<ExistingCoat, 'unknown'> => id !== 'unknown');
const EXPOSURES = [
  { front: 'inside', back: 'inside' },
  { front: 'outside', back: 'outside' },
  { front: 'outside', back: 'inside' },
  { front: 'inside', back: 'outside' },
] as const;

/** A surface as tests may find it, where it looks, and in how many ways that can come about, not knowing included. */
export interface FoundSurface {
  facts: SurfaceFacts;
  exposure: Ground['exposure'];
  ways: number;
}

/** Every material with every old coat and exposure, with every combination of answers to the questions that matter there. */
export function* everySurface(): Generator<FoundSurface> {
  for (const substrate of SUBSTRATE_IDS) {
    for (const oldCoat of COATS) {
      for (const exposure of EXPOSURES) {
        const isOutside = exposure.front === 'outside' || exposure.back === 'outside';
        const asked = {
          substrate,
          oldCoat,
          isOutside,
          yearBuilt: null,
          hasEdges: true,
          isWall: substrate === 'plaster',
          isDamp: true,
        };
        const questions = testsFor(asked).filter(({ found }) => found !== 'old-coat' && found !== 'old-colour');
        let answered: Partial<SurfaceFacts>[] = [{}];
        let ways = 1;
        for (const { found } of questions) {
          const results = Object.keys(FOUND[found].results);
          answered = answered.flatMap((facts) => results.map((result) => ({ ...facts, [found]: result })));
          // A question may stay open too, and is then judged as one of its answers.
          ways *= (results.length + 1) / results.length;
        }
        for (const facts of answered) yield { facts: { ...SOUND_GLOSS, ...facts, substrate, oldCoat }, exposure, ways };
      }
    }
  }
}
