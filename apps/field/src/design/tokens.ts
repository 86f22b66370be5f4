/** Colours of one theme. Meaning is never by colour alone: a mark or a word goes with each. */
export interface Palette {
  paper: string;
  /** Wells: keypad, fields. */
  sunk: string;
  ink: string;
  /** Estimates and quiet words. */
  pencil: string;
  /** Parts a page; no border of what can be tapped. */
  rule: string;
  /** Round keys and wells. */
  edge: string;
  timber: string;
  hatch: string;
  slab: string;
  /** Only for what to do next. */
  accent: string;
  onAccent: string;
  tight: string;
  wide: string;
  right: string;
}

export const LIGHT: Palette = {
  paper: '#f4eee1',
  sunk: '#e9e0cd',
  ink: '#26231f',
  pencil: '#585248',
  rule: '#c9bea7',
  edge: '#81775f',
  timber: '#dcc49c',
  hatch: '#a98a58',
  slab: '#fbf8f0',
  accent: '#b23a0e',
  onAccent: '#ffffff',
  tight: '#8f1d12',
  wide: '#1f5277',
  right: '#33613a',
};

export const DARK: Palette = {
  paper: '#1c1b19',
  sunk: '#292723',
  ink: '#f1ebde',
  pencil: '#b9b0a0',
  rule: '#4b463d',
  edge: '#837b6e',
  timber: '#4d4130',
  hatch: '#8c754c',
  slab: '#2b2925',
  accent: '#f28d4f',
  onAccent: '#231207',
  tight: '#ff9c8c',
  wide: '#92c4ea',
  right: '#9fd0a4',
};

export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24 } as const;

export const RADIUS = { s: 3, m: 6 } as const;

export const LINE = { hair: 1, rule: 1.5, bold: 2.5 } as const;

/** Nothing a gloved finger must hit is smaller, px. */
export const TARGET = 48;

/** From this width on, drawing and findings stand side by side, px. */
export const WIDE_FROM = 900;

export const FONT = {
  label: 'PlexCondensedMedium',
  labelBold: 'PlexCondensedBold',
  text: 'AtkinsonRegular',
  textBold: 'AtkinsonBold',
} as const;

export const SIZE = { small: 16, text: 17, label: 17, title: 22, figure: 26, display: 34 } as const;
