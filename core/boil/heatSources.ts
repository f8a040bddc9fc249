import { commonPractice } from '../quantity/index.ts';

/** What a pot stands on or in. */
export type HeatId =
  | 'small-burner'
  | 'medium-burner'
  | 'large-burner'
  | 'outdoor-ring'
  | 'slow-cooker-low'
  | 'slow-cooker-high'
  | 'oven';

/**
 * What a pot stands on or in: its net power, its usual pan, and whether it may be left for hours.
 */
export type HeatSource = {
  readonly name: string;
  /** Heat that reaches the batch, W. */
  readonly powerW: number;
  /**
   * Width of the pot that usually stands on it, cm: it fixes how fast water leaves below the boil.
   */
  readonly panCm: number;
  /**
   * The pot that is part of it, by its inside, cm; null for what pots are put on. Judgement: a
   * crock of some six litres, a deep roasting pan.
   */
  readonly ownPot: { readonly diameterCm: number; readonly heightCm: number } | null;
  readonly vessel: 'burner' | 'slow cooker' | 'oven';
  /** Whether a batch can be left on it for hours. */
  readonly slow: boolean;
  /**
   * Minutes that fruit softens in it with the lid on before it is left off, where it is slow;
   * common practice.
   */
  readonly lidMin: number;
};

/** Net power, common practice; what a kitchen's own burner gives is learned from its book. */
export const HEAT_SOURCES: { readonly [id in HeatId]: HeatSource } = {
  'small-burner': {
    name: 'small burner',
    vessel: 'burner',
    powerW: 600,
    panCm: 28,
    ownPot: null,
    slow: false,
    lidMin: 0,
  },
  'medium-burner': {
    name: 'medium burner',
    vessel: 'burner',
    powerW: 1100,
    panCm: 28,
    ownPot: null,
    slow: false,
    lidMin: 0,
  },
  'large-burner': {
    name: 'large burner',
    vessel: 'burner',
    powerW: 1800,
    panCm: 28,
    ownPot: null,
    slow: false,
    lidMin: 0,
  },
  'outdoor-ring': {
    name: 'outdoor ring',
    vessel: 'burner',
    powerW: 5000,
    panCm: 50,
    ownPot: null,
    slow: false,
    lidMin: 0,
  },
  'slow-cooker-low': {
    name: 'slow cooker on low',
    vessel: 'slow cooker',
    powerW: 100,
    panCm: 25,
    ownPot: { diameterCm: 25, heightCm: 14 },
    slow: true,
    lidMin: 8 * 60,
  },
  'slow-cooker-high': {
    name: 'slow cooker on high',
    vessel: 'slow cooker',
    powerW: 170,
    panCm: 25,
    ownPot: { diameterCm: 25, heightCm: 14 },
    slow: true,
    lidMin: 4 * 60,
  },
  oven: {
    name: 'roasting pan in the oven',
    vessel: 'oven',
    powerW: 250,
    panCm: 35,
    ownPot: { diameterCm: 35, heightCm: 9 },
    slow: true,
    lidMin: 90,
  },
};
export const HEAT_PROVENANCE = commonPractice('what reaches the pot, losses taken off');

export const HEAT_IDS = Object.keys(HEAT_SOURCES) as readonly HeatId[];
