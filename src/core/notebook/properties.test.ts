import { kept, weighed } from '../../../tests/support/kept'
import { foretellingRecord, listingOpacity, opacityForetold } from './foretell'
import {
  measuredOf,
  MeasurementSchema,
  readingsOfKind,
  type KeptMeasurement,
  type MeasurementInput,
} from './measurements'
import { ofKind } from './measurements/kept'
import { rigidityOf } from './measurements/drape'
import { opacityOverall } from './measurements/opacity'
import { shrinkageOf } from './measurements/shrinkage'
import { propertiesOf } from './properties'
import { weightFromThreads } from './threads'
import { PieceSchema, type PieceInput } from './kinds/piece'
import { propertySheet } from './sheet'

type Told = MeasurementInput
const piece = (rest: Partial<PieceInput> = {}) =>
  PieceSchema.parse({ name: 'Bar curtain', called: 'poplin', washed: 'unwashed', ...rest })
const sheetOf = (measurements: readonly KeptMeasurement[], rest: Partial<PieceInput> = {}) =>
  propertySheet({ piece: piece(rest), measurements, observations: [] })
const rows = (measurements: readonly KeptMeasurement[], rest: Partial<PieceInput> = {}) =>
  Object.fromEntries(
    propertiesOf(piece(rest), measurements, sheetOf(measurements, rest), 'metric', 'uk').map((row) => [row.id, row]),
  )
const curvesOf = (measurements: KeptMeasurement[]) => shrinkageOf(readingsOfKind(measurements, 'shrinkage'))
const onScale = kept([weighed(120)])

describe('what a bench may note', () => {
  const path = (told: unknown) => MeasurementSchema.safeParse(told).error?.issues.map((issue) => issue.path.join('.'))
  it('refuses the impossible, with a path', () => {
    expect(path({ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 80 })).toEqual(['pulledMm'])
    expect(path({ kind: 'draped-disc', clothRadiusMm: 90, tableRadiusMm: 150, shadowMm2: 9 })).toEqual([
      'tableRadiusMm',
    ])
    expect(path({ kind: 'draped-paper', ringGrams: 3, shadowGrams: 4 })).toEqual(['shadowGrams'])
    expect(path({ kind: 'crease', grade: 6 })).toEqual(['grade'])
    expect(path({ kind: 'wash-square', washes: -1, lengthMm: 250, widthMm: 250 })).toEqual(['washes'])
    expect(path({ kind: 'inspection', answers: { interlacing: ['knotted'] } })).toEqual(['answers.interlacing'])
    expect(path({ kind: 'lie', warpSigns: { give: 'perhaps' } })).toEqual(['warpSigns.give'])
    expect(path({ kind: 'hearsay' })).toEqual(['kind'])
  })
  it('fills in what was not said', () => {
    expect(
      MeasurementSchema.parse({ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 110 }),
    ).toMatchObject({ backMm: null, errorMm: 0.5 })
    expect(MeasurementSchema.parse({ kind: 'lie' })).toMatchObject({
      nap: 'unknown',
      colourFrom: 'unknown',
      finish: [],
      warpSigns: {},
    })
  })
  it('gives those of one kind', () => {
    expect(
      ofKind(
        kept([
          { kind: 'crease', grade: 2 },
          { kind: 'water-drop', seconds: 3 },
          { kind: 'crease', grade: 4 },
        ]),
        'crease',
      ).map(({ data }) => data.grade),
    ).toEqual([2, 4])
  })
})

describe('repeats together', () => {
  it('pools stretch and recovery each way', () => {
    const {
      stretch: { stretch, recovery },
    } = measuredOf(
      kept([
        { kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 140, backMm: 104 },
        { kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 144, backMm: 104 },
        { kind: 'stretch', direction: 'length', restMm: 100, pulledMm: 110 },
      ]),
    )
    expect(stretch.width).toMatchObject({ count: 2, mean: 42 })
    expect(stretch.length).toMatchObject({ count: 1, spread: null })
    // Of 40 mm, 4 stay out; of 44, 4.
    expect(recovery.width!.mean).toBeCloseTo((90 + 100 * (40 / 44)) / 2, 6)
    expect(recovery.length).toBeUndefined()
  })
  it('lets the worst part decide what shows through', () => {
    const { opacity } = measuredOf(
      kept([
        { kind: 'opacity', part: 'light', behind: 'card', grade: 'sheer' },
        { kind: 'opacity', part: 'dark', behind: 'card', grade: 'opaque' },
      ]),
    )
    expect(opacityOverall(opacity)).toBe('sheer')
    expect(opacityOverall({})).toBeUndefined()
  })
  it('has a rigidity only with both strips and a weight', () => {
    const both = measuredOf(
      kept([
        { kind: 'cantilever', direction: 'length', overhangMm: 40 },
        { kind: 'cantilever', direction: 'width', overhangMm: 40 },
      ]),
    )
    // M C³ of 100 g/m² and a bending length of 2 cm: 10 mg/cm² × 8 cm³.
    expect(rigidityOf(both.drape, { value: 100, sd: 1 })!.value).toBeCloseTo(80, 6)
    expect(rigidityOf(both.drape, null)).toBeNull()
    expect(
      rigidityOf(measuredOf(kept([{ kind: 'cantilever', direction: 'length', overhangMm: 40 }])).drape, {
        value: 100,
        sd: 1,
      }),
    ).toBeNull()
  })
  it('draws no curve without a beginning, nor over a wash that nobody read', () => {
    const square = (washes: number, lengthMm: number): Told => ({
      kind: 'wash-square',
      washes,
      lengthMm,
      widthMm: lengthMm,
    })
    expect(curvesOf(kept([square(1, 240)]))).toBeNull()
    expect(curvesOf(kept([square(0, 250), square(2, 230)]))).toBeNull()
    expect(curvesOf(kept([square(0, 250), square(1, 240)]))!.length.limit.value).toBeLessThanOrEqual(-4)
  })
})

describe('the sheet', () => {
  it('says how each thing is known: measured before written down before guessed', () => {
    expect(rows([]).weight).toMatchObject({ how: 'estimated' })
    expect(rows(onScale).weight).toMatchObject({ how: 'measured' })
    expect(rows(onScale).weight!.value).toContain('120')
    expect(rows([], { stretchWidthPercent: 4 })['stretch-width']).toMatchObject({ how: 'said', value: '4 %' })
    expect(
      rows(kept([{ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 106 }]), { stretchWidthPercent: 4 })[
        'stretch-width'
      ],
    ).toMatchObject({ how: 'measured' })
    expect(rows([], { called: '' }).body).toMatchObject({ how: 'unknown', value: '', test: 'drape' })
  })
  it('never mixes what was measured before and after a wash', () => {
    const measurements = [
      ...kept([{ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 120 }], 'unwashed'),
      ...kept([{ kind: 'stretch', direction: 'width', restMm: 100, pulledMm: 104 }], 'washed'),
    ]
    const row = rows(measurements, { washed: 'washed' })['stretch-width']!
    expect(row.value).toMatch(/^4/)
    expect(row.otherwise.join()).toMatch(/not washed: 20/)
  })
  it('tells what was seen and how it lies', () => {
    const all = rows(
      kept([
        { kind: 'inspection', answers: { construction: 'woven', interlacing: 'satin' } },
        {
          kind: 'lie',
          warpSigns: { selvedge: 'b' },
          nap: 'up',
          colourFrom: 'printed',
          printRepeatMm: 320,
          printOffMm: 30,
        },
      ]),
    )
    expect(all.seen!.value).toMatch(/satin|sateen/)
    expect(all.seen!.note).toBe('How it is made: woven; weave: satin')
    expect(all.lie!.value).toBe(
      'Warp along B; both sides look alike; nap runs up; printed; large print; print off grain',
    )
  })
  it('gives the weight over again from threads and yarns', () => {
    const measurements = kept([
      { kind: 'count', how: 'hand', endsPerCm: 30, picksPerCm: 25 },
      { kind: 'yarns', warpTex: 20, weftTex: 20, warpCrimp: 5, weftCrimp: 5 },
    ])
    // 0.1 × (30 × 20 × 1.05 + 25 × 20 × 1.05): the textbook sum.
    expect(weightFromThreads(measurements)!.value).toBeCloseTo(115.5, 1)
    expect(weightFromThreads(measurements.slice(0, 1))).toBeNull()
  })
})

describe('foretelling', () => {
  it('doubts, and foretells more light through thin pale cloth', () => {
    const [voile, denim] = [
      listingOpacity({ called: 'voile', lightness: 0.9, filament: null })!,
      listingOpacity({ called: 'denim', lightness: 0.2, filament: null })!,
    ]
    expect(voile.transmission).toBeGreaterThan(denim.transmission)
    expect(voile.interval95[1]).toBeGreaterThan(voile.interval95[0])
    expect(denim.likeliest).toBe('opaque')
    expect(listingOpacity({ called: 'who knows', lightness: 0.5, filament: null })).toBeNull()
  })
  it('is checked against what was then seen, and only that', () => {
    const unseen = { piece: piece({ called: 'denim' }), sheet: sheetOf([], { called: 'denim' }) }
    // A weight has to be known; the name gives it.
    expect(opacityForetold(unseen.piece, [], unseen.sheet)).not.toBeNull()
    const told = [
      { right: true, probability: 0.9 },
      { right: false, probability: 0.3 },
    ]
    expect(foretellingRecord(told)).toEqual({ checked: 2, right: 1, meanProbability: 0.6 })
    expect(foretellingRecord([])).toMatchObject({ checked: 0, right: 0 })
  })
})

describe('what it is made of', () => {
  const fibreOf = (seen: Record<string, string>, rest: Partial<PieceInput> = {}) => {
    const observations = Object.entries(seen).map(([feature, state]) => ({
      feature,
      states: [state],
      part: 'whole' as const,
    }))
    const sheet = propertySheet({ piece: piece(rest), measurements: [], observations })
    return propertiesOf(piece(rest), [], sheet, 'metric', 'uk').find(({ id }) => id === 'fibre')!
  }
  const HAIR = { smell: 'hair-feather', residue: 'crushable-bead', 'after-removal': 'dies-at-once' }

  it('is measured only where a fibre or a blend is settled', () => {
    // A flame cannot part wool from hair.
    expect(fibreOf(HAIR)).toMatchObject({ how: 'estimated', value: 'most likely wool' })
    expect(fibreOf({ ...HAIR, 'loupe-fibre': 'scales' })).toMatchObject({
      value: expect.stringContaining('most likely'),
    })
  })
  it('is as good as measured where a label is borne out', () => {
    const claim = [{ fibre: 'wool' as const, percent: 100 }]
    expect(fibreOf(HAIR, { claim })).toMatchObject({ how: 'measured', value: 'wool' })
  })
})
