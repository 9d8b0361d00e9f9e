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
    name: 'Laminate needs adhesion',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsLaminate(s) && s.coats.length > 0 && !isFor(s.first, 'laminate'),
    reason: 'Only an adhesion or bonding primer holds on melamine and laminate.',
    fixText: 'Start with two-part adhesion primer, or bonding primer on a keyed surface.',
  },
  {
    id: 'vinyl-needs-bond',
    name: 'Won’t hold on plastic',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => showsVinyl(s) && s.coats.length > 0 && !isFor(s.first, 'vinyl'),
    reason: 'This coat isn’t made to hold on plastic.',
    fixText: 'Start with an exterior acrylic, or the bonding primer.',
  },
  {
    id: 'tannin-bleed',
    name: 'Tannin bleed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => showsTannin(s) && s.coats.some(({ coating }) => isWaterborne(coating)) && !s.primers.some(blocks),
    reason: 'Oak and ash bleed: tannin comes yellow-brown through waterborne paint.',
    fixText: 'Start with a stain-blocking primer all over, shellac or oil.',
  },
  {
    id: 'blocker-after-waterborne',
    name: 'Stain block too late',
    severity: 'forbidden',
    source: 'chemistry',
    fires: (s) => {
      const from = s.primers.findIndex(blocks);
      return showsTannin(s) && from > 0 && s.primers.slice(0, from).some(isWaterborne);
    },
    reason: 'Water under the stain block brings the tannin up before it’s sealed.',
    fixText: 'Put the stain block first, straight onto the wood.',
  },
  {
    id: 'tannin-under-old-paint',
    name: 'Tannin under paint',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.facts.substrate === 'oak' && !showsTannin(s) && ![...s.primers, ...s.spotPrimers].some(blocks),
    reason: 'Tannin bleeds where sanding goes through to the oak.',
    fixText: 'Spot-prime rubbed-through areas with stain-blocking primer.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', blocks),
  },
  {
    id: 'stains-bleed',
    name: 'Stains bleed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.facts.stains === 'bleeds' && ![...s.primers, ...s.spotPrimers].some(blocks),
    reason: 'Knots, smoke, water rings and felt pen come through waterborne paint.',
    fixText: 'Block them first with stain-blocking primer, on spots or all over.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', blocks),
  },
  {
    id: 'stains-unknown',
    name: 'Stains not tested',
    severity: 'risk',
    source: 'trade',
    fires: (s) => stainsAreOpen(s) && (laysWoodBare(s) || s.facts.substrate === 'plaster'),
    reason: 'Not tested for bleeding knots and stains.',
    fixText: 'Dab waterborne primer on the worst spot and check tomorrow.',
  },
  {
    id: 'stains-under-paint',
    name: 'Stains not tested',
    severity: 'advice',
    source: 'trade',
    fires: (s) => stainsAreOpen(s) && !laysWoodBare(s) && s.facts.substrate !== 'plaster',
    reason: 'Not tested for stains. Under sound paint most have shown by now.',
    fixText: 'Look for yellow rings at knots. Block any that show.',
  },
  {
    id: 'metal-needs-metal-primer',
    name: 'Metal needs metal primer',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) => s.facts.substrate === 'metal' && isBare(s) && s.coats.length > 0 && !isFor(s.first, 'metal'),
    reason: 'Bare metal rusts under the wrong primer, or throws it off.',
    fixText: 'Start with a metal primer.',
  },
  {
    id: 'metal-laid-bare',
    name: 'Metal laid bare',
    severity: 'risk',
    source: 'trade',
    fires: (s) => laysMetalBare(s.facts) && ![...s.primers, ...s.spotPrimers].some((primer) => isFor(primer, 'metal')),
    reason: 'Metal is bare where the old coat came off.',
    fixText: 'Spot-prime it with a metal primer.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'metal')),
  },
  {
    id: 'rust-under-old-paint',
    name: 'Rust',
    severity: 'advice',
    source: 'trade',
    fires: (s) => laysMetalBare(s.facts),
    reason: 'Rust keeps growing under new paint.',
    fixText: 'Sand or wire-brush to bright metal and prime the same day.',
  },
  {
    id: 'galvanised-not-etched',
    name: 'Galvanised, not etched',
    severity: 'risk',
    source: 'tin',
    fires: (s) => s.facts.substrate === 'metal' && isBare(s) && !s.cleaning.some(({ cleaner }) => cleaner.etches),
    reason: 'New galvanised steel is too smooth and carries salts: primer lets go within a winter.',
    fixText: 'Etch with white vinegar and rinse. Plain steel only needs the wash.',
    autoFix: (recipe, s) => {
      const etch = s.shelf.cleaners.find(({ etches, archived }) => etches && !archived);
      if (etch === undefined || recipe.cleaning.length >= 4) return false;
      recipe.cleaning = [...recipe.cleaning, { product: etch.id, rinsed: etch.rinse }];
      return true;
    },
  },
  {
    id: 'bare-needs-primer',
    name: 'Bare needs primer',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => isBare(s) && isWood(s) && s.topcoats.length > 0 && s.primers.length === 0,
    reason: 'Bare wood and board drink the first coat: the finish stays patchy and lifts.',
    fixText: 'Prime it first.',
  },
  {
    id: 'laid-bare-not-primed',
    name: 'Wood laid bare',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      isWood(s) &&
      !isBare(s) &&
      s.facts.soundness === 'lets-go' &&
      ![...s.primers, ...s.spotPrimers].some((primer) => isFor(primer, 'bare-timber')),
    reason: 'Wood is bare where the old coat was scraped off.',
    fixText: 'Spot-prime the bare wood.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'primer-for-another-surface',
    name: 'Wrong primer',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.first?.role === 'primer' &&
      groundOn(s) !== 'sound-paint' &&
      !isFor(s.first, groundOn(s)) &&
      !(laysMetalBare(s.facts) && isFor(s.first, 'metal')),
    reason: 'Wrong primer for this surface.',
    fixText: 'Choose a primer whose tin names this surface.',
  },
  {
    id: 'tin-says-not',
    name: 'Tin says no',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      s.first?.willNot.includes(groundOn(s)) === true || s.topcoats.some(({ willNot }) => willNot.includes(s.work)),
    reason: 'A product’s tin says it isn’t for this surface or this work.',
    fixText: 'Choose a product whose tin names it.',
  },
  {
    id: 'will-do',
    name: 'Made for other work',
    severity: 'advice',
    source: 'tin',
    fires: (s) => misfits(s) > 0,
    reason: 'One product here will do, but is made for other work.',
    fixText: 'The shelf says what each is made for. Products made for this rank higher.',
  },
  {
    id: 'sound-paint-primed',
    name: 'Primer not needed',
    severity: 'advice',
    source: 'trade',
    fires: (s) =>
      groundOn(s) === 'sound-paint' &&
      s.facts.soundness === 'holds' &&
      s.facts.stains !== 'bleeds' &&
      s.primers.length > 0 &&
      s.primers.every((primer) => !primer.blocksStains),
    reason: 'Sound waterborne paint and factory primer take a self-priming topcoat directly.',
    fixText: 'Skip the primer and save a coat.',
  },
  {
    id: 'topcoat-not-self-priming',
    name: 'Topcoat needs primer',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.primers.length === 0 &&
      groundOn(s) === 'sound-paint' &&
      s.facts.oldCoat !== 'factory-primed' &&
      s.topcoats.some((topcoat) => !topcoat.selfPriming && topcoat.family !== 'oil'),
    reason: 'This topcoat’s tin asks for its own primer, even over sound paint.',
    fixText: 'Prime, or choose a self-priming topcoat.',
  },
  {
    id: 'oil-over-new-waterborne',
    name: 'Hard over soft',
    severity: 'risk',
    source: 'chemistry',
    fires: (s) =>
      s.topcoats.some((topcoat) => topcoat.family === 'oil') && s.primers.some((primer) => primer.family === 'acrylic'),
    reason: 'Hard oil enamel over a soft waterborne primer can craze.',
    fixText: 'Use oil undercoat under oil enamel.',
  },
  {
    id: 'oil-on-raw-edges',
    name: 'Oil on raw edges',
    severity: 'forbidden',
    source: 'tin',
    fires: (s) =>
      hasRawEdges(s) &&
      s.topcoats.some((topcoat) => topcoat.family === 'oil') &&
      s.primers.length === 0 &&
      s.edgePrimers.length === 0,
    reason: 'Oil enamel sinks into raw timber and stays open. Waterborne enamel can go straight on.',
    fixText: 'Prime the edges with oil undercoat.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'edges', (coating) => coating.family === 'oil'),
  },
  {
    id: 'raw-cut-edges',
    name: 'Cut edges',
    severity: 'risk',
    source: 'tin',
    fires: (s) =>
      s.facts.oldCoat === 'factory-primed' &&
      hasRawEdges(s) &&
      s.facts.substrate !== 'mdf' &&
      s.primers.length === 0 &&
      s.edgePrimers.length === 0,
    reason: 'Factory primer ends where it was cut: raw edges drink and stay dull.',
    fixText: 'Prime the cut edges.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'edges', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'board-edges',
    name: 'Board edges',
    severity: 'risk',
    source: 'wood',
    fires: (s) =>
      s.hasEdges &&
      s.exposure === 'inside' &&
      s.facts.substrate === 'mdf' &&
      (isBare(s) || hasRawEdges(s)) &&
      s.edgePrimers.length < 2 &&
      !s.primers.some(({ madeFor }) => madeFor.includes('board')),
    reason: 'Board edges are open like a sponge: they stay rough and dull.',
    fixText: 'Two coats of filling primer on the edges, sanded, before priming the faces.',
    autoFix: (recipe, s) => {
      const filling = s.shelf.coatings.find(
        ({ role, madeFor, archived }) => role === 'primer' && madeFor.includes('board') && !archived,
      );
      return filling !== undefined && coatFirst(recipe, s, usualCoat(filling, 'edges'));
    },
  },
  {
    id: 'edges-unknown',
    name: 'Edges not tested',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.unknown.includes('edges') && s.hasEdges,
    reason: 'Edges not tested: assumed coated like the faces.',
    fixText: 'Check edges, cut-outs and old holes with a lamp.',
  },
  {
    id: 'filler-flashes',
    name: 'Filler flashes',
    severity: 'risk',
    source: 'trade',
    fires: (s) =>
      s.fillers.some(({ sands }) => sands !== 'not') && s.primers.length === 0 && s.spotPrimers.length === 0,
    reason: 'Filler drinks more than old paint: filled holes show dull.',
    fixText: 'Spot-prime the filler.',
    autoFix: (recipe, s) => primeFirst(recipe, s, 'spots', (coating) => isFor(coating, 'bare-timber')),
  },
  {
    id: 'spots-show',
    name: 'Spots show',
    severity: 'advice',
    source: 'trade',
    fires: (s) => s.spotPrimers.length > 0 && s.primers.length === 0,
    reason: 'Spot priming can show in raking light.',
    fixText: 'Feather the edges out, or prime all over.',
  },
  {
    id: 'dries-clear',
    name: 'Dries clear',
    severity: 'advice',
    source: 'tin',
    fires: (s) => s.primers.some(({ clear }) => clear),
    reason: 'This primer dries clear, so misses don’t show.',
    fixText: 'Work in a fixed order and tick off, or have a drop of colour added.',
  },
  {
    id: 'prove-the-bond',
    name: 'Test patch advised',
    severity: 'advice',
    source: 'trade',
    fires: (s) => (showsLaminate(s) || showsVinyl(s) || isGlossy(s)) && s.coats.length > 0 && !isProvedByPatch(s),
    reason: 'On hard, closed surfaces only a test patch shows that this holds.',
    fixText: 'Start a patch on a hidden spot, let it dry, then nail and tape.',
  },
  {
    id: 'patch-lifted',
    name: 'Test patch failed',
    severity: 'forbidden',
    source: 'trade',
    fires: (s) => s.patch?.held === false && s.patch.first === s.first?.id && s.patch.key === s.key,
    reason: 'A test patch with this first coat on this key failed.',
    fixText: 'Clean or key better, or change primer, then start a new patch.',
  },
];
