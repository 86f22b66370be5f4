/** Where a word is the trade's only behind another one: "the stop", but not "stop if". */
interface Marked {
  /** The word as it stands in a sentence, small letters, singular and plural. */
  forms: readonly string[];
  /** One of these must stand before it. */
  after?: readonly string[];
  /** A sentence with one of these means another thing by it. */
  notBeside?: readonly string[];
}

const THE = ['the', 'a', 'its', 'this', 'each', 'both', 'of', 'at', 'to', 'from'] as const;

/** The words of the trade that are explained where they stand, and how they are told from everyday ones. */
const MARKED = {
  slab: { forms: ['slab', 'slabs'] },
  leg: { forms: ['leg', 'legs'] },
  head: { forms: ['head'], after: THE, notBeside: ['screw', 'screws', 'pin', 'pins', 'countersink'] },
  foot: { forms: ['foot'], after: THE },
  lining: { forms: ['lining', 'jamb', 'jambs'] },
  casing: { forms: ['casing', 'casings'] },
  reveal: { forms: ['reveal', 'reveals'] },
  stop: { forms: ['stop', 'stops'], after: ['the', 'a', 'its', 'this', 'each', 'planted', 'door'] },
  // Those of a bifold are doors.
  leaf: {
    forms: ['leaf', 'leaves'],
    notBeside: ['folded', 'bifold', 'pivot', 'pivots', 'bracket', 'guide', 'skin', 'skins', 'track', 'level'],
  },
  seat: { forms: ['seat', 'seats', 'recess'], after: [...THE, 'leaf', 'hinge', 'deeper'] },
  knuckle: { forms: ['knuckle', 'knuckles', 'barrel'] },
  pin: { forms: ['pin', 'pins'], notBeside: ['glue'] },
  throw: { forms: ['throw', 'thrown', 'throws'], notBeside: ['lock'] },
  framing: { forms: ['framing'] },
  membrane: { forms: ['membrane'] },
  rebate: { forms: ['rebate', 'rebates'] },
  tongue: { forms: ['tongue'] },
  brad: { forms: ['brad', 'brads'] },
  backset: { forms: ['backset'] },
  packer: { forms: ['packer', 'packers', 'shim', 'shims'] },
  bind: { forms: ['bind', 'binds', 'binding'] },
  strike: { forms: ['strike', 'strikes'], notBeside: ['never'] },
  keep: { forms: ['keep', 'keeps'], after: [...THE, 'centre', 'top', 'bottom'] },
  hook: { forms: ['hook', 'hooks'], notBeside: ['hung'] },
  cam: { forms: ['cam', 'cams'] },
  bevel: { forms: ['bevel', 'bevelled'] },
  arris: { forms: ['arris', 'arrises'] },
  plumb: { forms: ['plumb'] },
  taper: { forms: ['taper', 'tapers'] },
  twist: { forms: ['twist', 'twisted'] },
  drift: { forms: ['drift', 'drifts'] },
  closer: { forms: ['closer'], after: ['the', 'a', 'its', 'door', 'no'] },
  roller: { forms: ['roller', 'rollers'] },
  crown: { forms: ['crown'], after: [...THE, 'new'] },
  channel: { forms: ['channel'] },
  stile: { forms: ['stile', 'stiles'] },
  weatherstrip: { forms: ['weatherstrip'] },
  hanger: { forms: ['hanger', 'hangers'] },
  clip: { forms: ['clip', 'clips'] },
  guide: { forms: ['guide'], after: [...THE, 'floor'] },
  pivot: { forms: ['pivot', 'pivots'] },
  bracket: { forms: ['bracket', 'brackets'], after: [...THE, 'pivot'] },
} as const satisfies Readonly<Record<string, Marked>>;

export type TermId = keyof typeof MARKED;

export const TERM_IDS = Object.keys(MARKED) as TermId[];

const BY_FORM = new Map<string, { id: TermId; rule: Marked }>(
  TERM_IDS.flatMap((id) => MARKED[id].forms.map((form) => [form, { id, rule: MARKED[id] }] as const)),
);

/** A part of a sentence: a word that is explained, or what stands between such. */
export interface SaidPart {
  text: string;
  term?: TermId;
}

/** A sentence cut at the words that are explained, each at its first mention only; joined, the parts are the sentence again. */
export function saidParts(sentence: string): readonly SaidPart[] {
  const parts: SaidPart[] = [];
  const told = new Set<TermId>();
  const words = [...sentence.matchAll(/[a-z]+/gi)];
  const said = new Set(words.map(([word]) => word.toLowerCase()));
  let from = 0;
  let before = '';
  for (const { 0: word, index } of words) {
    const small = word.toLowerCase();
    const found = BY_FORM.get(small);
    if (found !== undefined && !told.has(found.id) && isTrade(found.rule, before, said)) {
      told.add(found.id);
      if (index > from) parts.push({ text: sentence.slice(from, index) });
      parts.push({ text: word, term: found.id });
      from = index + word.length;
    }
    before = small;
  }
  return from < sentence.length ? [...parts, { text: sentence.slice(from) }] : parts;
}

const isTrade = ({ after, notBeside }: Marked, before: string, said: ReadonlySet<string>) =>
  (after === undefined || after.includes(before)) && notBeside?.some((other) => said.has(other)) !== true;
