import { type MeasurementInput as Told } from '../core/notebook/measurements'

const stretch = (direction: 'length' | 'width', pulled: readonly number[], back: number): Told[] =>
  pulled.map((pulledMm) => ({ kind: 'stretch', direction, restMm: 100, pulledMm, backMm: back, errorMm: 1 }))
const falls = (drop: 'fluid' | 'soft' | 'moderate' | 'crisp' | 'stiff', arm = drop, edge = drop): Told[] => [
  { kind: 'drape-grade', test: 'drop', body: drop },
  { kind: 'drape-grade', test: 'arm', body: arm },
  { kind: 'drape-grade', test: 'edge', body: edge },
]
const held = (card: 'sheer' | 'semi-sheer' | 'opaque', hand = card): Told[] => [
  { kind: 'opacity', part: 'whole', behind: 'card', grade: card },
  { kind: 'opacity', part: 'whole', behind: 'hand', grade: hand },
]
const creases = (...grades: number[]): Told[] => grades.map((grade) => ({ kind: 'crease', grade }))
/** Sides of a marked square of 25 cm, before any wash and after each. */
const squares = (...sides: (readonly [lengthMm: number, widthMm: number])[]): Told[] =>
  sides.map(([lengthMm, widthMm], washes) => ({ kind: 'wash-square', washes, lengthMm, widthMm, errorMm: 1 }))

/** What the puppet theatre has measured so far, by the name of the piece. All invented. */
export const demoMeasurements: Readonly<Record<string, readonly Told[]>> = {
  'Beach awning stripe': [{ kind: 'lie', colourFrom: 'yarn-dyed', printRepeatMm: 64 }],
  'Lobby curtain, sea green': [
    ...stretch('width', [102, 103, 102], 100),
    ...stretch('length', [101, 101], 100),
    ...falls('moderate', 'moderate', 'crisp'),
    ...held('opaque'),
    ...creases(3, 3, 2),
    { kind: 'count', how: 'picture', endsPerCm: 30.4, picksPerCm: 24.1, skewDeg: 0.8 },
    { kind: 'yarns', warpTex: 24, weftTex: 26, warpCrimp: 6, weftCrimp: 4 },
    {
      kind: 'inspection',
      answers: {
        construction: ['woven'],
        interlacing: ['satin'],
        'floats-on-face': ['weft'],
        pile: ['none'],
        surface: ['smooth'],
        colouring: ['piece-dyed'],
      },
    },
    { kind: 'grain', widthMm: 1370, offsetMm: 24, bowMm: 6, errorMm: 3 },
    {
      kind: 'lie',
      warpSigns: { selvedge: 'a' },
      rightSigns: { bright: 'neither', clean: 'a' },
      nap: 'none',
      colourFrom: 'piece-dyed',
    },
    ...squares([250, 250], [239, 244], [237, 243]),
  ],
  'Chambermaid blue': [...creases(2, 2, 3), ...held('opaque', 'opaque'), ...falls('soft')],
  'Suite bedspread, rust velvet': [
    {
      kind: 'lie',
      warpSigns: { selvedge: 'b', give: 'b' },
      rightSigns: { pile: 'a' },
      nap: 'up',
      colourFrom: 'piece-dyed',
      finish: ['none'],
    },
    { kind: 'crocking', rubbed: 'dry', grade: 4 },
    { kind: 'crocking', rubbed: 'wet', grade: 2 },
  ],
  'Housekeeper’s scarf square': [...held('semi-sheer', 'sheer'), ...falls('fluid')],
  'Pool attendants’ jersey': [
    ...stretch('width', [139, 137, 138], 102),
    ...stretch('length', [118, 119], 101),
    ...falls('soft', 'fluid'),
  ],
  'Swimming cap lining': [...stretch('width', [184, 187], 101), ...stretch('length', [160, 158], 102)],
  'Tea terrace gingham': [
    { kind: 'count', how: 'hand', endsPerCm: 26.5, picksPerCm: 25 },
    {
      kind: 'lie',
      warpSigns: { give: 'a', snap: 'a' },
      rightSigns: { bright: 'neither', clean: 'neither', print: 'neither' },
      nap: 'none',
      colourFrom: 'yarn-dyed',
      printRepeatMm: 18,
    },
    { kind: 'crocking', rubbed: 'wet', grade: 4 },
  ],
  'Palm court viscose': [
    { kind: 'cantilever', direction: 'length', overhangMm: 31, errorMm: 1 },
    { kind: 'cantilever', direction: 'length', overhangMm: 33, errorMm: 1 },
    { kind: 'cantilever', direction: 'width', overhangMm: 27, errorMm: 1 },
    { kind: 'draped-disc', clothRadiusMm: 150, tableRadiusMm: 90, shadowMm2: 38_900 },
    ...squares([250, 250], [236, 246]),
    {
      kind: 'lie',
      warpSigns: { selvedge: 'a' },
      rightSigns: { print: 'a' },
      nap: 'none',
      colourFrom: 'printed',
      printRepeatMm: 320,
      printOffMm: 22,
      widthMm: 1420,
    },
  ],
  'Bath house waffle': [
    { kind: 'water-drop', seconds: 2 },
    { kind: 'water-drop', seconds: 3 },
    ...squares([250, 250], [231, 228], [226, 222], [225, 220]),
  ],
}
