/** What sprays; how much of the paint arrives differs by half. */
export const GUNS = {
  'low-pressure': { transferEfficiency: 0.65 },
  airless: { transferEfficiency: 0.75 },
  conventional: { transferEfficiency: 0.4 },
} as const satisfies Record<string, { transferEfficiency: number }>;
export type Gun = keyof typeof GUNS;
export const GUN_IDS = Object.keys(GUNS) as [Gun, ...Gun[]];

/** All that there is to know of what puts paint on. */
interface ToolDefinition {
  /** As it is called in the hand. */
  name: string;
  /** Whether paint comes out of it as mist: it drifts and is breathed, and as much of it arrives as the gun lets. */
  makesMist: boolean;
  /** Share of the paint that ends up on the piece; null where that is the gun's. */
  transferEfficiency: number | null;
  /** Litres that stay in tray, roller and hose, per colour and session. */
  residue: number;
  /** Minutes for which it keeps between two uses: wrapped air-tight overnight, or standing in water for a day at most. */
  keeps: number;
  /** Whether it keeps in water or thinner, rather than wrapped. */
  isSoaked: boolean;
  /**
   * Minutes at a professional's pace to set up, to change over from another product or colour, and how much longer that
   * takes from a dark one to a light one: what is left of white does not show in slate.
   */
  setup: { fresh: number; change: number; darkToLight: number };
  /** m/s above which it drags dust, or drifts. */
  maxWind: number;
}

const BY_HAND = {
  makesMist: false,
  keeps: 16 * 60,
  isSoaked: false,
  setup: { fresh: 5, change: 6, darkToLight: 3 },
  maxWind: 8,
} as const;

/** What puts paint on. */
export const TOOLS = {
  brush: { ...BY_HAND, name: 'brush', transferEfficiency: 0.95, residue: 0.03 },
  roller: { ...BY_HAND, name: 'roller', transferEfficiency: 0.92, residue: 0.1 },
  spray: {
    name: 'gun',
    makesMist: true,
    transferEfficiency: null,
    residue: 0.35,
    keeps: 24 * 60,
    isSoaked: true,
    setup: { fresh: 20, change: 35, darkToLight: 8 },
    maxWind: 4,
  },
} as const satisfies Record<string, ToolDefinition>;
export type Tool = keyof typeof TOOLS;
export const TOOL_IDS = Object.keys(TOOLS) as [Tool, ...Tool[]];

/** Whether a tool sprays. */
export const makesMist = (tool: Tool): boolean => TOOLS[tool].makesMist;

/** Share of the paint that a tool brings onto the piece: the gun's where it sprays. */
export const transferEfficiency = (tool: Tool, gun: Gun): number =>
  TOOLS[tool].transferEfficiency ?? GUNS[gun].transferEfficiency;

/** Litres that stay in a tool after a session. */
export const residueIn = (tool: Tool): number => TOOLS[tool].residue;
