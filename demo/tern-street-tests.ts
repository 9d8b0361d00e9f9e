import type { Schools } from '../core/job/document/group-schema.ts';
import type { Story } from './story.ts';

const COLOURS = {
  reed: '#8fa37b',
  'chalk line': '#ece8dc',
  'harbour slate': '#43565e',
  'sail white': '#f4f2ea',
  rope: '#c9b68c',
} as const;
type ColourName = keyof typeof COLOURS;
const colour = (name: ColourName): { name: string; hex: string } => ({ name, hex: COLOURS[name] });
const schools = (stated: Partial<Schools>): Schools => ({ keying: null, priming: null, tools: null, ...stated });

/** Two days with rag, tape, meter and kit: what was found on each group, and what was chosen on the strength of it. */
export function testTernStreet(story: Story): void {
  insideJoinery(story);
  store(story);
  windows(story);
  plaster(story);
  outside(story);
  bareWood(story);
}

function insideJoinery(story: Story): void {
  story
    .prove('practice-door-1-1', 'D-01, hinge side', {
      lead: 'none',
      'old-coat': 'oil-gloss',
      soundness: 'holds',
      contamination: 'clean',
      stains: 'none',
      edges: 'coated',
      'old-colour': '#e3d9bd',
    })
    .patch('practice-door-1-1', 'D-01, top edge', 'degloss', 'prime-bond-wb', true)
    .choose('practice-door-1-1', 'Inside joinery, old oil gloss', {
      colour: colour('reed'),
      schools: schools({ keying: 'degloss', priming: 'always' }),
      topcoat: 'enamel-acrylic',
    })
    .prove('practice-door-3-1', 'D-03, lock rail', {
      lead: 'none',
      'old-coat': 'varnish',
      soundness: 'holds',
      contamination: 'wax',
      stains: 'bleeds',
      edges: 'coated',
      'old-colour': '#a9743f',
    })
    .choose('practice-door-3-1', 'Practice doors, oak veneer', { colour: colour('reed'), topcoat: 'enamel-acrylic' });
}

function store(story: Story): void {
  story
    .prove('store-cabinet-door-1-1', 'C-01, by the pull', {
      soundness: 'holds',
      contamination: 'grease',
      edges: 'coated',
      'old-colour': '#d9d6cc',
    })
    .choose('store-cabinet-door-1-1', 'Store fronts, melamine', {
      colour: colour('harbour slate'),
      schools: schools({ keying: 'sand' }),
      primer: 'prime-2k-tile',
      topcoat: 'enamel-acrylic',
    });
}

function windows(story: Story): void {
  story
    .prove('recital-bare-sash-1', 'W-01, bottom rail', {
      contamination: 'clean',
      moisture: 13.4,
      stains: 'none',
      mould: 'none',
    })
    .choose('recital-bare-sash-1', 'Sashes, scraped bare', {
      colour: colour('sail white'),
      topcoat: 'ext-acrylic',
    })
    .prove('recital-sash-1', 'W-03, sill', {
      lead: 'lead',
      'old-coat': 'oil-gloss',
      contamination: 'clean',
      moisture: 14.2,
      stains: 'none',
      mould: 'mould',
      edges: 'coated',
      'old-colour': '#d8d3c4',
    })
    .choose('recital-sash-1', 'Sashes, old paint with lead', {
      colour: colour('sail white'),
      schools: schools({ priming: 'always' }),
      topcoat: 'ext-acrylic',
    });
}

function plaster(story: Story): void {
  story
    .prove('recital-ceiling-1', 'over the window', {
      lead: 'none',
      'old-coat': 'waterborne-matt',
      soundness: 'holds',
      contamination: 'clean',
      stains: 'bleeds',
      mould: 'none',
      'old-colour': '#e9e4d6',
    })
    .choose('recital-ceiling-1', 'Recital room, ceiling', { colour: colour('sail white'), topcoat: 'mineral-matt' })
    .prove('recital-patch-1', 'the patch', { contamination: 'clean', moisture: 11.8, stains: 'none', mould: 'none' })
    .choose('recital-patch-1', 'Recital room, fresh patch', {
      colour: colour('sail white'),
      topcoat: 'mineral-matt',
    });
}

function outside(story: Story): void {
  story
    .prove('street-shutter-1', 'S-05, top rail', { contamination: 'clean', mould: 'none', 'old-colour': '#a9a79b' })
    .choose('street-shutter-1', 'Street shutters, vinyl', {
      colour: colour('harbour slate'),
      topcoat: 'ext-acrylic-vinyl',
    })
    .prove('yard-door-1', 'D-08, lock side', {
      soundness: 'holds',
      contamination: 'clean',
      mould: 'none',
      'old-colour': '#b9bcb8',
    })
    .choose('yard-door-1', 'Yard doors, galvanised steel', {
      colour: colour('harbour slate'),
      backColour: colour('chalk line'),
      schools: schools({ priming: 'always' }),
      topcoat: 'ext-acrylic',
    });
}

function bareWood(story: Story): void {
  story
    .prove('gallery-railing-1', 'second newel', {
      contamination: 'clean',
      moisture: 10.6,
      stains: 'bleeds',
    })
    .split('gallery-railing-1', 'Balustrade, scraped bare')
    .choose('corridor-door-a-1', 'Corridor doors, bare softwood', {
      colour: colour('chalk line'),
      topcoat: 'enamel-acrylic',
    })
    .choose('gallery-railing-1', 'Balustrade, scraped bare', { colour: colour('rope'), topcoat: 'porch-enamel' })
    .prove('corridor-plate-1', 'E-01', { contamination: 'clean', soundness: 'holds', 'old-colour': '#f1f0ea' })
    .choose('corridor-plate-1', 'Switch plates', { colour: colour('chalk line'), topcoat: 'enamel-acrylic' })
    .prove('library-shelf-1', 'B-01, underside', { contamination: 'clean', moisture: 9.2, stains: 'bleeds' })
    .choose('library-shelf-1', 'Library shelves, oak', { colour: colour('harbour slate'), topcoat: 'enamel-alkyd-wb' });
}
