import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Shape } from '../shape.ts';
import type { Face } from '../elevation.ts';
import { definitionOf, PIECE_KINDS, type PieceKind } from '../registry.ts';

const painted = (face: Face | undefined): number =>
  (face?.elements ?? []).reduce((total, { developedArea }) => total + developedArea, 0);

/** [kind, what is changed of its first preset, m² of the front, m² of the back, m² of the edges], worked by hand. */
const BY_HAND: [PieceKind, Shape, number, number, number][] = [
  ['flush-door', { width: 800, height: 2000, thickness: 40 }, 1.6, 1.6, 0.224],
  ['panelled-door', { width: 800, height: 2000, thickness: 40, panel: 'flat' }, 1.6, 1.6, 0.224],
  [
    'glazed-door',
    {
      width: 800,
      height: 2000,
      thickness: 40,
      stile: 100,
      topRail: 100,
      bottomRail: 300,
      paneColumns: 1,
      paneRows: 1,
      glazingWidth: 12,
      glazingDepth: 16,
    },
    0.72704,
    0.72704,
    0.224,
  ],
  [
    'moulded-door',
    {
      width: 800,
      height: 2000,
      thickness: 40,
      marginTop: 100,
      marginSide: 100,
      marginBottom: 100,
      profile: 'square',
      mouldingWidth: 20,
      mouldingDepth: 10,
    },
    1.6944,
    1.6944,
    0.224,
  ],
  ['cabinet-door', { width: 500, height: 700, thickness: 20 }, 0.35, 0.35, 0.048],
  ['drawer-front', { width: 500, height: 200, thickness: 20 }, 0.1, 0.1, 0.028],
  [
    'carcass',
    {
      width: 1000,
      height: 800,
      depth: 500,
      stile: 50,
      topRail: 50,
      crossRail: 50,
      bottomRail: 50,
      muntin: 50,
      columns: 1,
      rowShares: [1],
      shelves: 1,
      ends: 1,
    },
    0.57,
    3.6,
    0,
  ],
  [
    'casement-window',
    {
      width: 700,
      height: 1100,
      frame: 50,
      sill: 50,
      lights: 1,
      stile: 50,
      rail: 50,
      sashThickness: 44,
      seal: 14,
      paneColumns: 1,
      paneRows: 1,
      glazingWidth: 10,
      glazingDepth: 10,
    },
    0.359032,
    0.359032,
    0.096,
  ],
  [
    'sash-window',
    {
      width: 1000,
      height: 1700,
      frame: 50,
      sill: 50,
      stile: 50,
      topRail: 50,
      meetingRail: 50,
      bottomRail: 50,
      sashThickness: 50,
      paneColumns: 1,
      paneRows: 1,
      glazingWidth: 3,
      glazingDepth: 4,
    },
    0.60988,
    0.60988,
    0.09,
  ],
  [
    'loose-sash',
    {
      width: 600,
      height: 1000,
      thickness: 40,
      stile: 50,
      topRail: 50,
      bottomRail: 50,
      paneColumns: 1,
      paneRows: 1,
      glazingWidth: 3,
      glazingDepth: 4,
    },
    0.16394,
    0.16394,
    0.128,
  ],
  [
    'louvred-shutter',
    {
      width: 400,
      height: 1000,
      thickness: 30,
      stile: 50,
      topRail: 50,
      bottomRail: 50,
      banks: 1,
      louvreWidth: 50,
      louvreThickness: 10,
      pitch: 30,
    },
    0.67,
    0.67,
    0.084,
  ],
  ['panelled-shutter', { width: 400, height: 1000, thickness: 30, panel: 'flat' }, 0.4, 0.4, 0.084],
  [
    'railing',
    {
      length: 2020,
      height: 900,
      spindles: 10,
      spindle: 30,
      newels: 2,
      newel: 100,
      newelHeight: 1000,
      handrailWidth: 60,
      handrailDepth: 50,
      bottomRailWidth: 60,
      bottomRailDepth: 50,
      underBottomRail: 50,
    },
    2.5208,
    0,
    0,
  ],
  [
    'casing',
    {
      openingWidth: 800,
      openingHeight: 2000,
      casingWidth: 70,
      casingThickness: 15,
      reveal: 5,
      lining: 100,
      profile: 'square',
      sides: 'both',
    },
    0.496,
    0.496,
    0.48,
  ],
  ['trim-run', { length: 10_000, height: 100, thickness: 20, profile: 'square' }, 1.2, 0, 0],
  ['sectional-door', { width: 2400, height: 2000, thickness: 40, sections: 4, panel: 'flat' }, 4.8, 4.8, 0.832],
  ['shelf-board', { length: 1000, depth: 200, thickness: 20 }, 0.2, 0.2, 0.048],
  ['switch-plate', { width: 80, height: 80, thickness: 10 }, 0.0064, 0, 0.0032],
  ['free-panel', { width: 600, height: 800, thickness: 20 }, 0.48, 0.48, 0.056],
  ['plain-area', { width: 4000, height: 2500, openings: 2 }, 8, 0, 0],
];

test('areas worked by hand, one of every kind', () => {
  assert.deepEqual([...new Set(BY_HAND.map(([kind]) => kind))].sort(), [...PIECE_KINDS].sort());
  for (const [kind, facts, front, back, around] of BY_HAND) {
    const shape = { ...definitionOf(kind).presets[0]!.shape, ...facts };
    const { faces, edges } = definitionOf(kind).elevation(shape);
    const told = [
      painted(faces.find(({ id }) => id === 'front')),
      painted(faces.find(({ id }) => id === 'back')),
      edges.reduce((total, edge) => total + edge.area, 0),
    ];
    assert.deepEqual(
      told.map((area) => area.toFixed(6)),
      [front, back, around].map((area) => area.toFixed(6)),
      kind,
    );
  }
});
