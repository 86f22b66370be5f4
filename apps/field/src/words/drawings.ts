/** How a shape of a drawing is filled while it is not the one that is meant. */
export type ShapeOf = 'timber' | 'slab' | 'air' | 'line' | 'found';

interface Shape {
  d: string;
  of: ShapeOf;
  /** Its names, by which a word points at it. */
  part?: string;
}

export interface TermSheet {
  /** What is looked at, and from where. */
  title: string;
  shapes: readonly Shape[];
}

/** One sheet is as large as this, in its own units. */
export const SHEET_SIZE = { width: 240, height: 170 } as const;

/** Not to scale: gaps and hinges are drawn larger than they are, so that a finger can point at them. */
export const TERM_SHEETS = {
  opening: {
    title: 'The door from the room, gaps drawn wide',
    shapes: [
      { of: 'line', d: 'M8 164 H232' },
      { of: 'timber', part: 'head', d: 'M56 6 H184 V20 H56 Z' },
      { of: 'timber', part: 'leg', d: 'M56 20 H70 V164 H56 Z M170 20 H184 V164 H170 Z' },
      { of: 'slab', part: 'slab', d: 'M78 28 H162 V158 H78 Z' },
      { of: 'slab', part: 'foot', d: 'M78 144 H162 V158 H78 Z' },
      { of: 'air', part: 'gap', d: 'M70 20 H170 V164 H162 V28 H78 V164 H70 Z' },
      { of: 'air', part: 'taper', d: 'M162 28 H170 L164 158 H162 Z' },
      { of: 'line', part: 'hinge', d: 'M70 44 H78 V60 H70 Z M70 124 H78 V140 H70 Z' },
      { of: 'line', d: 'M146 92 H158 V97 H146 Z' },
      { of: 'line', part: 'plumb', d: 'M36 10 V132 M31 132 H41 L36 148 Z' },
      { of: 'line', part: 'backset', d: 'M146 104 H162 M146 99 V109 M162 99 V109' },
    ],
  },
  jamb: {
    title: 'Cut through a leg at an outside door, seen from above; outside is on the right',
    shapes: [
      { of: 'timber', part: 'framing', d: 'M10 10 H230 V58 H10 Z' },
      { of: 'line', part: 'membrane', d: 'M10 62 H100 M150 62 H230' },
      { of: 'timber', d: 'M110 58 H140 V70 H110 Z' },
      { of: 'timber', d: 'M20 70 H116 V112 H20 Z' },
      { of: 'slab', d: 'M122 70 H220 V112 H140 V98 H122 Z' },
      { of: 'air', part: 'rebate', d: 'M122 98 H140 V112 H122 Z' },
      { of: 'slab', part: 'tongue', d: 'M122 70 H140 V98 H122 Z' },
      { of: 'line', part: 'brad', d: 'M176 112 V36' },
      { of: 'slab', d: 'M14 122 H100 V160 H14 Z' },
    ],
  },
  hinge: {
    title: 'Cut through at a hinge, seen from above; the room is below',
    shapes: [
      { of: 'timber', part: 'lining', d: 'M14 16 H78 V126 H14 Z' },
      { of: 'timber', part: 'stop', d: 'M78 16 H96 V58 H78 Z' },
      { of: 'timber', part: 'casing', d: 'M14 126 H60 V140 H14 Z' },
      { of: 'slab', part: 'slab', d: 'M92 66 H232 V118 H92 Z' },
      { of: 'line', part: 'seat', d: 'M70 72 H78 V126 H70 Z' },
      { of: 'line', part: 'packer', d: 'M66 72 H70 V126 H66 Z' },
      { of: 'slab', part: 'leaf', d: 'M72 74 H78 V126 H72 Z M92 74 H98 V126 H92 Z' },
      { of: 'air', part: 'gap', d: 'M79 66 H91 V118 H79 Z' },
      { of: 'slab', part: 'knuckle', d: 'M74 132 a11 11 0 1 0 22 0 a11 11 0 1 0 -22 0 Z' },
      { of: 'line', part: 'pin', d: 'M80.5 132 a4.5 4.5 0 1 0 9 0 a4.5 4.5 0 1 0 -9 0 Z' },
      { of: 'line', part: 'throw', d: 'M110 76 V124 M104 84 L110 74 L116 84 M104 116 L110 126 L116 116' },
      { of: 'line', part: 'reveal', d: 'M60 152 H78 M60 146 V158 M78 146 V158' },
    ],
  },
  latch: {
    title: 'Cut through at the latch, seen from above; the room is below',
    shapes: [
      { of: 'timber', part: 'lining', d: 'M162 16 H226 V126 H162 Z' },
      { of: 'timber', part: 'stop', d: 'M144 16 H162 V58 H144 Z' },
      { of: 'slab', part: 'slab', d: 'M8 66 H142 L152 118 H8 Z' },
      { of: 'air', part: 'hole', d: 'M164 84 H186 V104 H164 Z' },
      { of: 'slab', part: 'latch', d: 'M120 88 H176 L170 100 H120 Z' },
      { of: 'line', part: 'strike', d: 'M158 76 H163 V84 H158 Z M158 104 H163 V118 L172 130 L168 133 L158 121 Z' },
      { of: 'line', part: 'bevel', d: 'M142 66 L152 118' },
      { of: 'line', part: 'arris', d: 'M146 118 a6 6 0 1 0 12 0 a6 6 0 1 0 -12 0 Z' },
    ],
  },
  multipoint: {
    title: 'Edge of a multipoint door and the frame beside it',
    shapes: [
      { of: 'slab', part: 'slab', d: 'M20 8 H100 V162 H20 Z' },
      { of: 'timber', part: 'leg', d: 'M150 8 H220 V162 H150 Z' },
      { of: 'line', d: 'M88 8 H100 V162 H88 Z' },
      { of: 'line', part: 'hook', d: 'M100 34 H138 V58 H128 V44 H100 Z' },
      { of: 'line', part: 'cam', d: 'M100 106 H112 V96 a13 13 0 1 1 0 26 V112 H100 Z' },
      { of: 'line', part: 'keep', d: 'M144 24 H150 V70 H144 V62 H138 V66 H144 Z M144 88 H150 V132 H144 Z' },
    ],
  },
  edge: {
    title: 'The latch edge and the stop it lies on, from the side',
    shapes: [
      { of: 'timber', part: 'stop', d: 'M70 8 H96 V162 H70 Z' },
      { of: 'slab', part: 'twist', d: 'M96 162 H122 C122 110 128 60 146 8 H120 C102 60 96 110 96 162 Z' },
    ],
  },
  swing: {
    title: 'The door from above, left ajar',
    shapes: [
      { of: 'timber', d: 'M8 128 H52 V152 H8 Z M188 128 H232 V152 H188 Z' },
      { of: 'line', d: 'M56 132 H184 V142 H56 Z' },
      { of: 'slab', part: 'slab', d: 'M52 132 L148 36 L156 44 L60 140 Z' },
      { of: 'line', part: 'closer', d: 'M70 110 L80 100 L92 112 L82 122 Z M86 106 L108 122 L96 132' },
      { of: 'line', part: 'drift', d: 'M160 52 C176 70 186 94 188 118 M178 110 L188 122 L196 108' },
      { of: 'line', part: 'bind', d: 'M44 120 L60 104 M46 104 V118 H60' },
    ],
  },
  panel: {
    title: 'A sliding panel from the room, its foot laid open',
    shapes: [
      { of: 'timber', d: 'M8 6 H232 V22 H8 Z M8 22 H20 V152 H8 Z M220 22 H232 V152 H220 Z M8 152 H232 V164 H8 Z' },
      { of: 'line', part: 'channel', d: 'M20 22 H26 V34 H20 Z M214 22 H220 V34 H214 Z M20 22 H220 V25 H20 Z' },
      { of: 'line', d: 'M124 36 H216 V144 H124 Z M136 48 H204 V132 H136 Z' },
      { of: 'slab', part: 'slab', d: 'M32 28 H132 V140 H32 Z' },
      { of: 'line', d: 'M46 42 H118 V124 H46 Z' },
      { of: 'line', part: 'stile', d: 'M32 28 H46 V140 H32 Z M118 28 H132 V140 H118 Z' },
      { of: 'line', part: 'weatherstrip', d: 'M26 36 H32 V138 H26 Z' },
      { of: 'line', part: 'handle', d: 'M37 74 H41 V98 H37 Z' },
      { of: 'slab', part: 'roller', d: 'M46 140 a7 7 0 1 0 14 0 a7 7 0 1 0 -14 0 Z M104 140 a7 7 0 1 0 14 0 a7 7 0 1 0 -14 0 Z' },
      { of: 'line', part: 'crown', d: 'M20 147 H220 V152 H20 Z' },
    ],
  },
  hung: {
    title: 'A hung slab from its edge: track, hanger, slab and floor',
    shapes: [
      { of: 'line', d: 'M8 164 H232' },
      { of: 'timber', d: 'M40 6 H200 V14 H40 Z' },
      { of: 'line', part: 'track', d: 'M80 14 H160 V58 H132 V52 H154 V20 H86 V52 H108 V58 H80 Z' },
      { of: 'slab', part: 'slab', d: 'M98 96 H142 V154 H98 Z' },
      {
        of: 'slab',
        part: 'hanger',
        d: 'M88 42 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0 Z M134 42 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0 Z M106 39 H134 V45 H124 V90 H116 V45 H106 Z',
      },
      { of: 'line', part: 'plate', d: 'M92 90 H148 V96 H92 Z' },
      { of: 'line', part: 'nut', d: 'M110 78 H130 V86 H110 Z' },
      { of: 'line', part: 'clip', d: 'M130 76 H158 V106 H142 V100 H152 V82 H130 Z' },
      { of: 'timber', part: 'guide', d: 'M86 142 H94 V164 H86 Z M146 142 H154 V164 H146 Z' },
    ],
  },
  bifold: {
    title: 'A bifold from the room, half folded',
    shapes: [
      { of: 'line', d: 'M8 164 H232' },
      { of: 'timber', d: 'M8 6 H232 V18 H8 Z M8 18 H22 V164 H8 Z M218 18 H232 V164 H218 Z' },
      { of: 'slab', part: 'leaf', d: 'M36 30 L104 42 V158 L36 148 Z M104 42 L172 30 V148 L104 158 Z' },
      { of: 'line', part: 'bracket', d: 'M28 18 H62 V24 H28 Z M22 158 H62 V164 H22 Z' },
      { of: 'slab', part: 'pivot', d: 'M40 20 H46 V32 H40 Z M40 147 H46 V162 H40 Z' },
      { of: 'slab', part: 'wheel', d: 'M158 23 a6 6 0 1 0 12 0 a6 6 0 1 0 -12 0 Z' },
      { of: 'line', part: 'handle', d: 'M124 92 H130 V104 H124 Z' },
    ],
  },
  proved: {
    title: 'The door as it was found, dashed, and as it is left',
    shapes: [
      { of: 'line', d: 'M8 164 H232' },
      { of: 'timber', d: 'M56 6 H184 V164 H170 V20 H70 V164 H56 Z' },
      { of: 'slab', part: 'left', d: 'M77 27 H163 V158 H77 Z' },
      { of: 'found', d: 'M80 26 L166 33 L158 163 L72 156 Z' },
      { of: 'line', part: 'sign', d: 'M100 92 L115 110 L142 66' },
    ],
  },
} as const satisfies Readonly<Record<string, TermSheet>>;

export type SheetId = keyof typeof TERM_SHEETS;
