import { laysMetalBare } from '../../surface-tests/known-surface.ts';
import { coatFirst, primeFirst, usualCoat } from '../fixing.ts';
import {
  isFor,
  isBare,
  groundOn,
  isGlossy,
  isProvedByPatch,
  isWaterborne,
  isWood,
  laysWoodBare,
  showsLaminate,
  showsTannin,
  showsVinyl,
  type Rule,
} from '../rule.ts';
import type { Coating } from '../../shelf/coating.ts';
import { misfits } from '../misfits.ts';
import type { Situation } from '../situation.ts';

const blocks = (coating: Coating): boolean => coating.blocksStains;
const stainsAreOpen = (s: Situation): boolean =>
  s.unknown.includes('stains') && !showsTannin(s) && !s.primers.some(blocks);
const hasRawEdges = (s: Situation): boolean => s.hasEdges && s.facts.edges === 'raw';

/** What comes between the old surface and the finish. */
export const PRIMING: readonly Rule[] = [
  {
    id: 'laminate-needs-adhesion',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsLaminate(s) && s.coats.length > 0 && !isFor(s.first, 'laminate'),
    reason: 'Nothing but an adhesion or bonding primer holds on melamine and laminate.',
    fixText: 'Start with the two-part adhesion primer, or with the bonding primer on a keyed surface.',
  },
  {
    id: 'vinyl-needs-bond',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsVinyl(s) && s.coats.length > 0 && !isFor(s.first, 'vinyl'),
    reason: 'This coat is not made to hold on plastic.',
    fixText: 'Start with an exterior acrylic, or with the bonding primer.',
  },
  {
    id: 'tannin-bleed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => showsTannin(s) && s.coats.some(({ coating }) => isWaterborne(coating)) && !s.primers.some(blocks),
    reason: 'Oak and ash bleed: tannin rises yellow-brown through waterborne primer and paint.',
    fixText: 'Start with a stain-blocking primer over all of it, shellac or oil.',
  },
  {
    id: 'blocker-after-waterborne',
    severity: 'forbidden',
    source: 'chemistry',
    fires: (s) => {
      const from = s.primers.findIndex(blocks);
      return showsTannin(s) && from > 0 && s.primers.slice(0, from).some(isWaterborne);
    },
    reason: 'Water under the stain block brings the tannin up before it is locked in.',
    fixText: 'The stain block comes first, straight onto the wood.',
  },
  {
    id: 'tannin-under-old-paint',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.facts.substrate === 'oak' && !showsTannin(s) && ![...s.primers, ...s.spotPrimers].some(blocks),
    reason: 'Where sanding goes through to the oak, tannin will bleed.',
    fixText: 'Spot-prime what is rubbed through with a stain-blocking primer.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', blocks),
  },
  {
    id: 'stains-bleed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.stains === 'bleeds' && ![...s.primers, ...s.spotPrimers].some(blocks),
    reason: 'Knots, smoke, water rings, felt pen and samples of the new colour come through waterborne paint.',
    fixText: 'Block them first with a stain-blocking primer, on the spots or all over.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', blocks),
  },
  {
    id: 'stains-unknown',
    severity: 'risk',
    source: 'trade',
    fires: (s) => stainsAreOpen(s) && (laysWoodBare(s) || s.facts.substrate === 'plaster'),
    reason: 'Nobody has looked for knots and stains that bleed.',
    fixText: 'Dab waterborne primer onto the worst spot and look again tomorrow.',
  },
  {
    id: 'stains-under-paint',
    severity: 'advice',
    source: 'trade',
    fires: (s) => stainsAreOpen(s) && !laysWoodBare(s) && s.facts.substrate !== 'plaster',
    reason: 'Nobody has looked for knots and stains: under sound paint they have mostly shown themselves by now.',
    fixText: 'Look for yellow rings at knots; block those that show.',
  },
  {
    id: 'metal-needs-metal-primer',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.facts.substrate === 'metal' && isBare(s) && s.coats.length > 0 && !isFor(s.first, 'metal'),
    reason: 'Bare metal rusts under, or throws off, a coat that was not made for it.',
    fixText: 'Start with a metal primer.',
  },
  {
    id: 'metal-laid-bare',
    severity: 'risk',
    source: 'trade',
    fires: (s) => laysMetalBare(s.facts) && ![...s.primers, ...s.spotPrimers].some((primer) => isFor(primer, 'metal')),
    reason: 'Where the old coat has let go, metal lies bare.',
    fixText: 'Spot-prime it with a metal primer.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'metal')),
  },
  {
    id: 'rust-under-old-paint',
    severity: 'advice',
    source: 'trade',
    fires: (s) => laysMetalBare(s.facts),
    reason: 'Rust keeps growing under new paint.',
    fixText: 'Sand or wire-brush to bright metal and prime the same day.',
  },
  {
    id: 'galvanised-not-etched',
    severity: 'risk',
    source: 'tin',
    fires: (s) => s.facts.substrate === 'metal' && isBare(s) && !s.cleaning.some(({ cleaner }) => cleaner.etches),
    reason: 'New galvanised steel is too smooth and carries salts: primer lets go within a winter.',
    fixText: 'Etch with white vinegar and rinse. Plain steel needs only the wash.',
    autoFix: (recipe, s) => {
      const etch = s.shelf.cleaners.find(({ etches, archived }) => etches && !archived);
      if (etch === undefined || recipe.cleaning.length >= 4) return false;
      recipe.cleaning = [...recipe.cleaning, { product: etch.id, rinsed: etch.rinse }];
      return true;
    },
  },
  {
    id: 'bare-needs-primer',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => isBare(s) && isWood(s) && s.topcoats.length > 0 && s.primers.length === 0,
    reason: 'Bare wood and board drink the first coat unevenly; the finish stays patchy and lifts.',
    fixText: 'Prime it first.',
  },
  {
    id: 'laid-bare-not-primed',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isWood(s) &&
      !isBare(s) &&
      s.facts.soundness === 'lets-go' &&
      ![...s.primers, ...s.spotPrimers].some((primer) => isFor(primer, 'bare-timber')),
    reason: 'Where the old coat has been scraped off, wood lies bare.',
    fixText: 'Spot-prime the bare wood.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'primer-for-another-surface',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.first?.role === 'primer' &&
      groundOn(s) !== 'sound-paint' &&
      !isFor(s.first, groundOn(s)) &&
      !(laysMetalBare(s.facts) && isFor(s.first, 'metal')),
    reason: 'This primer is made for another surface than the one that is there.',
    fixText: 'Take a primer whose tin names this surface.',
  },
  {
    id: 'tin-says-not',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.first?.willNot.includes(groundOn(s)) === true || s.topcoats.some(({ willNot }) => willNot.includes(s.work)),
    reason: 'The tin of a product says that it is not for this: for the ground under it, or for this kind of work.',
    fixText: 'Take a product whose tin names it.',
  },
  {
    id: 'will-do',
    severity: 'advice',
    source: 'tin',
    fires: (s) => misfits(s) > 0,
    reason: 'A product here will do, and is made for something else in the first place.',
    fixText: 'The shelf tells of each what it is made for; one that is made for this stands higher.',
  },
  {
    id: 'sound-paint-primed',
    severity: 'advice',
    source: 'trade',
    fires: (s) =>
      groundOn(s) === 'sound-paint' &&
      s.facts.soundness === 'holds' &&
      s.facts.stains !== 'bleeds' &&
      s.primers.length > 0 &&
      s.primers.every((primer) => !primer.blocksStains),
    reason: 'Sound waterborne paint and factory primer take a self-priming topcoat without another primer.',
    fixText: 'Leave the primer out and save a coat and its waiting.',
  },
  {
    id: 'topcoat-not-self-priming',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.primers.length === 0 &&
      groundOn(s) === 'sound-paint' &&
      s.facts.oldCoat !== 'factory-primed' &&
      s.topcoats.some((topcoat) => !topcoat.selfPriming && topcoat.family !== 'oil'),
    reason: 'The tin of this topcoat asks for its own primer, also over sound paint.',
    fixText: 'Prime, or take a topcoat that is its own primer.',
  },
  {
    id: 'oil-over-new-waterborne',
    severity: 'risk',
    source: 'chemistry',
    fires: (s) =>
      s.topcoats.some((topcoat) => topcoat.family === 'oil') && s.primers.some((primer) => primer.family === 'acrylic'),
    reason: 'A hard oil enamel over a soft waterborne primer can craze as it goes on hardening.',
    fixText: 'Take the oil undercoat under oil enamel.',
  },
  {
    id: 'oil-on-raw-edges',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      hasRawEdges(s) &&
      s.topcoats.some((topcoat) => topcoat.family === 'oil') &&
      s.primers.length === 0 &&
      s.edgePrimers.length === 0,
    reason: 'An oil enamel on raw timber sinks in and stays open; a waterborne one may go straight on.',
    fixText: 'Prime the edges with the oil undercoat.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'edges', (coating) => coating.family === 'oil'),
  },
  {
    id: 'raw-cut-edges',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.facts.oldCoat === 'factory-primed' &&
      hasRawEdges(s) &&
      s.facts.substrate !== 'mdf' &&
      s.primers.length === 0 &&
      s.edgePrimers.length === 0,
    reason: 'The primer of the factory ends where it was cut: raw edges drink and stay dull.',
    fixText: 'Prime the cut edges.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'edges', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'board-edges',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.hasEdges &&
      s.exposure === 'inside' &&
      s.facts.substrate === 'mdf' &&
      (isBare(s) || hasRawEdges(s)) &&
      s.edgePrimers.length < 2 &&
      !s.primers.some(({ madeFor }) => madeFor.includes('board')),
    reason: 'The edges of board are open like a sponge: they stay rough and dull however many topcoats they get.',
    fixText: 'Two coats of filling primer on the edges, sanded, before the faces are primed.',
    autoFix: (recipe, s) => {
      const filling = s.shelf.coatings.find(
        ({ role, madeFor, archived }) => role === 'primer' && madeFor.includes('board') && !archived,
      );
      return filling !== undefined && coatFirst(recipe, s, usualCoat(filling, 'edges'));
    },
  },
  {
    id: 'edges-unknown',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.unknown.includes('edges') && s.hasEdges,
    reason: 'Nobody has looked whether the edges carry the same coat as the faces.',
    fixText: 'Look at edges, cut-outs and old holes with a lamp.',
  },
  {
    id: 'filler-flashes',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      s.fillers.some(({ sands }) => sands !== 'not') && s.primers.length === 0 && s.spotPrimers.length === 0,
    reason: 'Filler drinks more than old paint: every filled hole shows as a dull spot.',
    fixText: 'Spot-prime what is filled.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'spots-show',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.spotPrimers.length > 0 && s.primers.length === 0,
    reason: 'Spots that are primed alone can show in raking light.',
    fixText: 'Feather their edges out, or prime all of it.',
  },
  {
    id: 'dries-clear',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.primers.some(({ clear }) => clear),
    reason: 'This primer dries clear: missed spots do not show.',
    fixText: 'Work in a fixed order and tick off what is done, or have a drop of colour put in.',
  },
  {
    id: 'prove-the-bond',
    severity: 'advice',
    source: 'trade',
    fires: (s) => (showsLaminate(s) || showsVinyl(s) || isGlossy(s)) && s.coats.length > 0 && !isProvedByPatch(s),
    reason: 'On hard, closed surfaces only a test patch proves that this system holds.',
    fixText: 'Lay a patch where it does not show, let it dry, then fingernail and tape.',
  },
  {
    id: 'patch-lifted',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.patch?.held === false && s.patch.first === s.first?.id && s.patch.key === s.key,
    reason: 'A test patch with this first coat on this key has let go.',
    fixText: 'Clean or key better, or take another primer, and lay a new patch.',
  },
];
