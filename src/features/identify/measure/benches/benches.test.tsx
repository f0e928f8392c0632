/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react'
import { type ComponentType } from 'react'
import { type Measurement } from '@/core/notebook/measurements'
import { PreferencesProvider } from '../../../shared/settings/PreferencesContext'
import { useReadings } from '../../../shared/readings/useReadings'
import { type OnTheBench } from '../load'
import { type BenchProps } from './common'
import { CreaseBench } from './CreaseBench'
import { CrockingBench } from './CrockingBench'
import { DrapeBench } from './DrapeBench'
import { GrainBench } from './GrainBench'
import { LieBench } from './LieBench'
import { OpacityBench } from './OpacityBench'
import { ShrinkageBench } from './ShrinkageBench'
import { StretchBench } from './StretchBench'
import { WaterDropBench } from './WaterDropBench'
import { YarnsBench } from './YarnsBench'
import userEvent from '../../../../../tests/support/person'

jest.mock('../../../shared/readings/actions', () => ({ keepMeasurement: jest.fn(), dropMeasurement: jest.fn() }))
jest.mock('@/ui/charts/EChart', () => ({ EChart: ({ label }: { label: string }) => <p>{label}</p> }))

const METRIC = { units: 'metric', words: 'uk', paper: 'a4', theme: 'system', motion: 'still', spanMm: 1650 } as const
const user = userEvent.setup({ delay: null })

/** A bench without a piece: its readings stay on the page. @returns those of them that were taken, the last last */
function laid(Bench: ComponentType<BenchProps>, piece: Partial<OnTheBench> | null = null, units = 'metric') {
  let taken: Measurement[] = []
  function OnPage() {
    const readings = useReadings(null, [])
    taken = readings.all.map(({ data }) => data)
    return <Bench piece={piece as OnTheBench | null} readings={readings} yarn={{ fill: '#444', edge: '#222' }} />
  }
  render(
    <PreferencesProvider value={{ ...METRIC, units: units as 'metric' }}>
      <OnPage />
    </PreferencesProvider>,
  )
  return { last: () => taken.at(-1), all: () => taken }
}

/** Types into fields by their labels, in that order. */
async function type(values: Record<string, string>, within_ = screen as Pick<typeof screen, 'getByLabelText'>) {
  for (const [label, value] of Object.entries(values)) {
    const field = within_.getByLabelText(label)
    await user.clear(field)
    await user.type(field, value)
    await user.tab()
  }
}
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }))
const choose = (name: string) => user.click(screen.getByRole('radio', { name }))
const comesTo = () => screen.getByRole('region', { name: 'Result' }).textContent
const isOff = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name }).disabled

describe('stretch', () => {
  const KEEP = 'Save reading'
  it('is a share of the length at rest, with what went back, and what it allows', async () => {
    const { last } = laid(StretchBench)
    expect(isOff(KEEP)).toBe(true)
    await type({ 'Stretched firmly': '160', 'After release': '106' })
    await press(KEEP)
    expect(last()).toMatchObject({ direction: 'width', restMm: 100, pulledMm: 160, backMm: 106, errorMm: 1 })
    expect(comesTo()).toMatch(/Across the width60 ± [\d.]+ %/)
    expect(comesTo()).toContain('90')
    expect(isOff(KEEP)).toBe(true)
  })
  it('is read finer by the ruler on the screen, and in inches as in millimetres', async () => {
    const { last } = laid(StretchBench, null, 'imperial')
    await choose('the ruler on this screen')
    await type({ 'Between the marks, relaxed': '4', 'Stretched firmly': '5' })
    await press(KEEP)
    const reading = last() as { restMm: number; pulledMm: number; errorMm: number; backMm: number | null }
    expect(reading.restMm).toBeCloseTo(101.6, 3)
    expect(reading.pulledMm).toBeCloseTo(127, 3)
    expect(reading).toMatchObject({ errorMm: 0.5, backMm: null })
  })
  it('both ways says which way it gives, and a reading can be struck out', async () => {
    const { all } = laid(StretchBench)
    await type({ 'Stretched firmly': '150' })
    await press(KEEP)
    await choose('lengthwise, with the selvedge')
    await type({ 'Stretched firmly': '102' })
    await press(KEEP)
    expect(all()).toHaveLength(2)
    expect(comesTo()).toContain('Lengthwise')
    await user.click(screen.getAllByRole('button', { name: 'Delete' })[0]!)
    expect(all()).toMatchObject([{ direction: 'length' }])
    expect(comesTo()).not.toContain('Across the width')
  })
})

describe('shrinkage', () => {
  const wash = async (length: string, width: string) => {
    await type({ Lengthwise: length, 'Across the width': width })
    await press(/^Save as /)
  }
  it('follows a square from before the first wash, and says how much more to buy', async () => {
    const { all } = laid(ShrinkageBench)
    expect(screen.getByText(/to see the curve/)).toBeTruthy()
    await wash('250', '250')
    await wash('240', '247.5')
    await wash('237', '247')
    await wash('236.5', '247')
    expect(all().map((one) => (one as { washes: number }).washes)).toEqual([0, 1, 2, 3])
    const told = screen.getByRole('region', { name: 'Shrinkage' }).textContent!
    expect(told).toMatch(/In the end it is 5\.\d ± [\d.]+ % shorter and 1\.\d ± [\d.]+ % narrower\./)
    expect(told).toContain('It has stopped shrinking')
    const extra = () =>
      Number(/Buy ([\d.]+) cm more/.exec(screen.getByRole('region', { name: 'Shrinkage' }).textContent!)![1])
    const before = extra()
    // 2 m that lose some 5.5 % want at least 11.5 cm.
    expect(before).toBeGreaterThanOrEqual(11)
    await type({ 'Length the garment needs': '4' })
    expect(extra()).toBeGreaterThan(1.9 * before - 2)
  })
  it('can be told of a wash that was left out', async () => {
    const { last } = laid(ShrinkageBench)
    await wash('250', '250')
    await user.selectOptions(screen.getByLabelText('Square now'), '3')
    await wash('240', '245')
    expect(last()).toMatchObject({ washes: 3, lengthMm: 240, widthMm: 245 })
  })
})

describe('grain', () => {
  it('is judged while it is typed, and kept with its side', async () => {
    const { last } = laid(GrainBench, { widthMm: 1400, construction: 'woven', heatSet: false } as never)
    await type({ 'Right end is off by': '42' })
    expect(comesTo()).toContain('3.0 % off square')
    await choose('short of it, towards you')
    expect(comesTo()).toMatch(/Pull the .* apart/)
    await press('Save reading')
    expect(last()).toMatchObject({ widthMm: 1400, offsetMm: -42, bowMm: 0, printedOffGrain: false, finished: false })
  })
  it('cannot be trued where a finish holds it', async () => {
    laid(GrainBench, { widthMm: 1400, construction: 'woven', heatSet: false } as never)
    await type({ 'Right end is off by': '80' })
    const free = comesTo()
    await press('It is coated, or easy-care')
    expect(comesTo()).not.toBe(free)
    expect(comesTo()).not.toMatch(/Pull the .* apart/)
  })
  it('asks for the width where nobody measured it', () => {
    laid(GrainBench)
    expect(isOff('Save reading')).toBe(true)
    expect(comesTo()).toContain('Enter the width')
  })
})

describe('what is graded by a drawing', () => {
  it('creasing, by its keys; the last is taken back by one', async () => {
    const { all } = laid(CreaseBench)
    await user.keyboard('2')
    await user.keyboard('4')
    expect(all()).toMatchObject([
      { kind: 'crease', grade: 2 },
      { kind: 'crease', grade: 4 },
    ])
    expect(comesTo()).toContain('Mean of 2')
    await user.keyboard('u')
    expect(all()).toMatchObject([{ grade: 2 }])
    expect(comesTo()).toContain('This is one reading')
  })
  it('colour that rubs off, dry and damp apart', async () => {
    const { all } = laid(CrockingBench)
    await press(/None/)
    await choose('with damp cotton')
    await press(/Much/)
    expect(all()).toMatchObject([
      { kind: 'crocking', rubbed: 'dry', grade: 5 },
      { kind: 'crocking', rubbed: 'wet', grade: 1 },
    ])
    expect(comesTo()).toMatch(/Dry, of 55.*Damp, of 51/)
  })
  it('opacity, the light parts of a print apart from the dark', async () => {
    const { all } = laid(OpacityBench)
    await choose('light parts')
    await user.keyboard('1')
    await choose('dark parts')
    await choose('your hand')
    await user.keyboard('3')
    expect(all()).toMatchObject([
      { part: 'light', behind: 'card', grade: 'sheer' },
      { part: 'dark', behind: 'hand', grade: 'opaque' },
    ])
    expect(comesTo()).toContain('judge a garment by its light parts')
  })
})

describe('drape', () => {
  it('by eye is the middle of what was seen', async () => {
    const { all } = laid(DrapeBench)
    await user.keyboard('1')
    await user.keyboard('2')
    await user.keyboard('2')
    expect(all()).toHaveLength(3)
    const [, second] = all() as { body: string }[]
    expect(comesTo()).toContain(`Drape: ${second!.body}. The middle of 3.`)
  })
  it('by a strip gives its rigidity with the weight', async () => {
    const { last } = laid(DrapeBench, { gsm: { value: 200, sd: 2 } } as never)
    await choose('a strip over a slope')
    const fields = screen.getAllByRole('textbox')
    await user.clear(fields[0]!)
    await user.type(fields[0]!, '60')
    await user.tab()
    await press('Save reading')
    expect(last()).toMatchObject({ kind: 'cantilever' })
    // Bending length is half of what hangs over: 3 cm; rigidity weight × its cube, 20 mg/cm² × 27 cm³.
    expect(comesTo()).toContain('540')
  })
  it('by a weighed ring of paper refuses a shadow that is larger than the ring', async () => {
    const { all } = laid(DrapeBench)
    await choose('a paper ring, weighed')
    const [ring, shadow] = screen.getAllByRole('textbox')
    for (const [field, grams] of [
      [ring, '2'],
      [shadow, '3'],
    ] as const) {
      await user.clear(field!)
      await user.type(field!, grams)
      await user.tab()
    }
    expect(isOff('Save reading')).toBe(true)
    expect(all()).toEqual([])
  })
})

describe('a drop of water', () => {
  it('that stood for a minute is counted, and not averaged', async () => {
    const { all } = laid(WaterDropBench)
    await press('It stayed on top for a minute')
    await press('It stayed on top for a minute')
    expect(all()).toMatchObject([{ seconds: null }, { seconds: null }])
    expect(comesTo()).toContain('2 of 2 stayed on top for a minute')
    expect(comesTo()).not.toContain('The drop sinks in within')
  })
  it('is timed from when it lands until its shine is gone', async () => {
    const { last } = laid(WaterDropBench)
    await press('The drop lands')
    await press('It lost its shine')
    const { seconds } = last() as { seconds: number }
    expect(seconds).toBeGreaterThanOrEqual(0)
    expect(seconds).toBeLessThan(10)
  })
})

describe('which way it lies', () => {
  it('the selvedge decides alone; other signs are weighed, and can be looked at again', async () => {
    const { last } = laid(LieBench)
    const warp = within(screen.getByRole('region', { name: 'The warp' }))
    expect(comesTo()).toContain('We know nothing about the warp yet.')
    await user.click(warp.getByRole('radio', { name: 'B' }))
    expect(comesTo()).toMatch(/The warp runs along B \((over )?99/)
    await user.click(warp.getByRole('button', { name: /^Look again: Which one runs along a selvedge/ }))
    expect(comesTo()).toContain('We know nothing about the warp yet.')
    await user.click(warp.getByRole('radio', { name: 'no difference' }))
    await user.click(warp.getByRole('radio', { name: 'A' }))
    await press('Save')
    expect(last()).toMatchObject({ kind: 'lie', warpSigns: { selvedge: 'neither' } })
    expect(Object.values((last() as { warpSigns: object }).warpSigns)).toContain('a')
  })
  it('no finish and a finish exclude one another', async () => {
    const { last } = laid(LieBench)
    const boxes = screen.getAllByRole<HTMLInputElement>('checkbox')
    await user.click(boxes[1]!)
    await user.click(boxes[2]!)
    const none = boxes.find((box) => /^none|no finish|nothing/i.test(box.closest('label')?.textContent ?? ''))!
    await user.click(none)
    expect(boxes.filter(({ checked }) => checked)).toEqual([none])
    await press('Save')
    expect((last() as { finish: string[] }).finish).toEqual(['none'])
  })
  it('a print that leans is told in degrees', async () => {
    laid(LieBench, { widthMm: 1400 } as never)
    await type({ 'Off grain by': '49' })
    // atan(49 / 1400) is 2°.
    expect(screen.getByText(/The print is off grain by 2\.0°/)).toBeTruthy()
  })
})

describe('yarns', () => {
  it('weighed and counted give the weight over again, set beside the scale', async () => {
    const { all } = laid(YarnsBench, { gsm: { value: 150, sd: 3 } } as never)
    for (const title of ['Warp (lengthwise)', 'Weft (across)']) {
      const bundle = within(screen.getByRole('heading', { name: title }).parentElement!)
      // 20 threads of 105 mm, 2.1 m together, weigh 0.063 g: 30 tex.
      await type(
        {
          'Threads in the bundle': '20',
          'Weight of the bundle': '0.063',
          'Length in the fabric': '100',
          'Length straightened': '105',
        },
        bundle,
      )
    }
    await press('Save yarns')
    expect(all()[0]).toMatchObject({ kind: 'yarns' })
    const yarns = all()[0] as unknown as { warpTex: { value: number }; warpCrimp: { value: number } }
    expect(JSON.stringify(yarns)).toMatch(/30/)
    await type({ 'Warp threads per cm': '24', 'Weft threads per cm': '24' })
    await press('Save count')
    // 2 × 24 threads/cm × 30 tex × 1.05 gives some 151 g/m².
    expect(comesTo()).toMatch(/15[01]/)
    expect(comesTo()).toContain('It agrees with the scale')
  })
  it('a thread is no shorter when it is straightened', async () => {
    laid(YarnsBench)
    const bundle = within(screen.getByRole('heading', { name: 'Warp (lengthwise)' }).parentElement!)
    await type({ 'Length in the fabric': '100', 'Length straightened': '90' }, bundle)
    expect(bundle.getByText('Straightened it must be at least as long.')).toBeTruthy()
    expect(isOff('Save yarns')).toBe(true)
  })
})
