import { mayHoldLead, SUBSTRATES } from '../pieces/substrate.ts';
const WATERBORNE = ['acrylic', 'alkyd-waterborne', 'mineral'];
const first = ({ coats }) => coats[0]?.coating;
const primers = ({ coats }) => coats.filter(({ coating }) => coating.role === 'primer').map(({ coating }) => coating);
const topcoats = ({ coats }) => coats.filter(({ coating }) => coating.role === 'topcoat').map(({ coating }) => coating);
const isWaterborne = (coating) => coating !== undefined && WATERBORNE.includes(coating.family);
/** Hard and closed: a coat needs a key or a primer that bonds to gloss. */
const isGlossy = ({ surface }) => ['oil-gloss', 'varnish', 'factory-finish', 'unknown'].includes(surface.existing);
const isKeyed = ({ key, cleaner }) => key !== 'none' || cleaner?.deglosses === true;
const bonds = (coating, to) => coating?.bondsTo.includes(to) === true;
const isBare = ({ surface }) => surface.existing === 'bare';
/** Melamine and laminate are slippery whether or not somebody painted them before, unless that paint is sound. */
const showsLaminate = ({ surface }) =>
  surface.substrate === 'laminate' && (surface.existing === 'bare' || surface.existing === 'factory-finish');
const tanninNearby = (situation) =>
  SUBSTRATES[situation.surface.substrate].tannin && (isBare(situation) || situation.surface.existing === 'varnish');
/** What a first coat has to hold on; null where sound paint takes any. */
function surfaceKind(situation) {
  const { substrate } = situation.surface;
  if (showsLaminate(situation)) return 'laminate';
  if (isBare(situation) && substrate === 'metal') return 'metal';
  if (isBare(situation) && substrate !== 'vinyl') return 'bare-timber';
  return isGlossy(situation) && substrate !== 'vinyl' ? 'glossy' : null;
}
/** The rules of this trade, each readable by itself. */
export const RULES = [
  {
    id: 'phosphate-residue',
    severity: 'forbidden',
    fires: (s) =>
      s.cleaner?.residue === 'phosphate' && !s.rinsed && primers(s).some((primer) => primer.spoiledByPhosphate),
    reason: 'What a phosphate wash leaves behind spoils this primer: it will not hold.',
    lift: 'Rinse twice with clean water, or wash with a phosphate-free cleaner.',
  },
  {
    id: 'soap-residue',
    severity: 'risk',
    fires: (s) => s.cleaner !== null && s.cleaner.residue !== 'none' && s.cleaner.rinse && !s.rinsed,
    reason: 'This cleaner has to be rinsed off. Its film lies between the old coat and the new one.',
    lift: 'Rinse, or choose a no-rinse cleaner.',
  },
  {
    id: 'not-cleaned',
    severity: 'risk',
    fires: (s) => s.cleaner === null,
    reason: 'Hand oils, polish and dust are on every surface that has been in use. Paint over them lifts.',
    lift: 'Choose a cleaner.',
  },
  {
    id: 'grease',
    severity: 'forbidden',
    fires: (s) =>
      s.surface.condition === 'greasy' &&
      !['alkaline-wash', 'phosphate-wash', 'solvent-wipe'].includes(s.cleaner?.id ?? ''),
    reason: 'Grease or wax is on it. Paint crawls into fish-eyes and comes off again.',
    lift: 'Clean with an alkaline or phosphate wash, or wipe with solvent.',
  },
  {
    id: 'waterborne-over-unkeyed-oil',
    severity: 'forbidden',
    fires: (s) => isGlossy(s) && isWaterborne(first(s)) && !isKeyed(s) && !bonds(first(s), 'glossy'),
    reason: 'Waterborne paint over hard gloss that has not been keyed peels off in sheets; a fingernail lifts it.',
    lift: 'Abrade (180–240) or degloss, or start with a bonding primer.',
  },
  {
    id: 'bonding-primer-alone',
    severity: 'risk',
    fires: (s) => isGlossy(s) && !isKeyed(s) && bonds(first(s), 'glossy') && !showsLaminate(s),
    reason: 'With no key the whole system hangs on the bonding primer and on how clean the gloss is.',
    lift: 'Abrade or degloss first, or prove it with a test patch.',
  },
  {
    id: 'topcoat-on-gloss',
    severity: 'risk',
    fires: (s) => isGlossy(s) && isKeyed(s) && !showsLaminate(s) && primers(s).length === 0,
    reason: 'Keyed gloss may take the topcoat itself, but nothing bonds as surely as a primer made for it.',
    lift: 'Add a bonding primer, or prove it with a test patch.',
  },
  {
    id: 'laminate-needs-adhesion',
    severity: 'forbidden',
    fires: (s) => showsLaminate(s) && s.coats.length > 0 && !bonds(first(s), 'laminate'),
    reason: 'Nothing but an adhesion or bonding primer holds on melamine and laminate.',
    lift: 'Start with the two-part adhesion primer, or with the bonding primer on a keyed surface.',
  },
  {
    id: 'laminate-needs-key',
    severity: 'forbidden',
    fires: (s) => showsLaminate(s) && first(s)?.id === 'prime-bond-wb' && s.key !== 'abrade',
    reason: 'The waterborne bonding primer holds on laminate only where it has been keyed.',
    lift: 'Abrade with 220, or take the two-part adhesion primer.',
  },
  {
    id: 'tannin-bleed',
    severity: 'forbidden',
    fires: (s) =>
      tanninNearby(s) &&
      s.coats.some(({ coating }) => isWaterborne(coating)) &&
      !primers(s).some((primer) => primer.blocksStains),
    reason: 'Oak and ash bleed: tannin rises yellow-brown through waterborne primer and paint.',
    lift: 'Start with a stain-blocking primer, shellac or oil.',
  },
  {
    id: 'tannin-under-old-paint',
    severity: 'advice',
    fires: (s) =>
      SUBSTRATES[s.surface.substrate].tannin && !tanninNearby(s) && !primers(s).some((primer) => primer.blocksStains),
    reason: 'Where sanding goes through to the oak, tannin will bleed.',
    lift: 'Spot-prime what is rubbed through with a stain-blocking primer.',
  },
  {
    id: 'inside-product-outside',
    severity: 'forbidden',
    fires: (s) => s.exposure === 'outside' && s.coats.some(({ coating }) => coating.exposure === 'inside'),
    reason: 'A product for inside does not stand sun and rain: it chalks, cracks and lets water under.',
    lift: 'Take a product for outside on this face.',
  },
  {
    id: 'outside-product-inside',
    severity: 'risk',
    fires: (s) => s.exposure === 'inside' && s.coats.some(({ coating }) => coating.exposure === 'outside'),
    reason: 'Paint for outside stays softer and can carry mould inhibitors that are not meant for rooms.',
    lift: 'Take a product for inside on this face.',
  },
  {
    id: 'vinyl-needs-vinyl-safe',
    severity: 'forbidden',
    fires: (s) => s.surface.substrate === 'vinyl' && topcoats(s).some((topcoat) => topcoat.family !== 'acrylic'),
    reason: 'Vinyl moves with the heat; only all-acrylic paint moves with it.',
    lift: 'Take an exterior acrylic, on a plastic-safe base for anything dark.',
  },
  {
    id: 'metal-needs-metal-primer',
    severity: 'forbidden',
    fires: (s) => s.surface.substrate === 'metal' && isBare(s) && s.coats.length > 0 && !bonds(first(s), 'metal'),
    reason: 'Bare metal rusts under, or throws off, a coat that was not made for it.',
    lift: 'Start with a metal primer.',
  },
  {
    id: 'bare-needs-primer',
    severity: 'forbidden',
    fires: (s) =>
      isBare(s) &&
      ['softwood', 'oak', 'mdf'].includes(s.surface.substrate) &&
      topcoats(s).length > 0 &&
      primers(s).length === 0,
    reason: 'Bare wood and board drink the first coat unevenly; the finish stays patchy and lifts.',
    lift: 'Prime it first.',
  },
  {
    id: 'primer-for-another-surface',
    severity: 'risk',
    fires: (s) => {
      const kind = surfaceKind(s);
      return kind !== null && primers(s).length > 0 && !bonds(first(s), kind);
    },
    reason: 'This primer is made for another surface than the one that is there.',
    lift: 'Take a primer whose tin names this surface.',
  },
  {
    id: 'oil-over-new-waterborne',
    severity: 'risk',
    fires: (s) =>
      topcoats(s).some((topcoat) => topcoat.family === 'oil') &&
      primers(s).some((primer) => primer.family === 'acrylic'),
    reason: 'A hard oil enamel over a soft waterborne primer can craze as it goes on hardening.',
    lift: 'Take the oil undercoat under oil enamel.',
  },
  {
    id: 'flaking-needs-abrading',
    severity: 'forbidden',
    fires: (s) => s.surface.condition === 'flaking' && s.key !== 'abrade',
    reason: 'Whatever flakes takes the new paint with it.',
    lift: 'Scrape and abrade back to a sound edge. Test for lead first.',
  },
  {
    id: 'unknown-coat',
    severity: 'risk',
    fires: (s) => s.surface.existing === 'unknown',
    reason: 'Nobody has proved what the old coat is, so this is judged as if it were oil gloss.',
    lift: 'Rub it with alcohol on a rag: acrylic softens and comes off, oil does not.',
  },
  {
    id: 'lead-dust',
    severity: 'caution',
    fires: (s) => s.key === 'abrade' && mayHoldLead(s.surface.existing),
    reason:
      'Old paint may hold lead. Until a test says no: no dry sanding or scraping; local rules and licensed practice decide.',
    lift: 'Have it tested. Deglossing makes no dust.',
  },
  {
    id: 'isocyanate',
    severity: 'caution',
    fires: (s) => s.coats.some(({ coating }) => coating.id === 'lacquer-2k-wb'),
    reason: 'Its hardener holds isocyanate: supplied air or professional extraction only, never a dust mask.',
    lift: 'Take the waterborne alkyd enamel.',
  },
  {
    id: 'solvent-vapour',
    severity: 'caution',
    fires: (s) => s.coats.some(({ coating }) => coating.family === 'oil' || coating.family === 'shellac'),
    reason: 'Solvent vapour: organic-vapour cartridges and air change, no flame; oily rags flat or under water.',
    lift: 'A waterborne system smells least.',
  },
  {
    id: 'spray-only',
    severity: 'forbidden',
    fires: (s) => s.coats.some(({ coating, tool }) => coating.id === 'lacquer-2k-wb' && tool !== 'spray'),
    reason: 'This lacquer is made for the spray gun; a brush or roller drags it.',
    lift: 'Spray it, or take an enamel.',
  },
  {
    id: 'one-topcoat',
    severity: 'risk',
    fires: (s) => topcoats(s).length === 1,
    reason: 'One topcoat is thin at every edge and shows where hands go.',
    lift: 'Give it two.',
  },
  {
    id: 'no-topcoat',
    severity: 'forbidden',
    fires: (s) => topcoats(s).length === 0,
    reason: 'A primer alone neither wears nor wipes clean.',
    lift: 'Add a topcoat.',
  },
  {
    id: 'mineral-unsealed',
    severity: 'risk',
    fires: (s) =>
      topcoats(s).some((topcoat) => topcoat.family === 'mineral') &&
      !s.coats.some(({ coating }) => coating.role === 'sealer'),
    reason: 'Mineral matt wears and marks where hands go, and doors and fronts are handled all day.',
    lift: 'Finish it with the clear sealer, or take an enamel.',
  },
  {
    id: 'oil-yellows',
    severity: 'advice',
    fires: (s) => s.exposure === 'inside' && topcoats(s).some((topcoat) => topcoat.family === 'oil'),
    reason: 'Oil enamel yellows indoors, most in the dark and next to heat.',
    lift: 'A waterborne enamel stays white.',
  },
];
