import { lieWords } from './lie'
import { MeasurementSchema, type Measurement } from './'

const said = (rest: object) =>
  lieWords(MeasurementSchema.parse({ kind: 'lie', ...rest }) as Extract<Measurement, { kind: 'lie' }>)

it('says in one line what was found, and leaves out what nobody looked at', () => {
  expect(said({})).toBe('Warp not known; both sides look alike')
  expect(
    said({ warpSigns: { give: 'a', snap: 'a' }, rightSigns: { print: 'b' }, nap: 'none', colourFrom: 'yarn-dyed' }),
  ).toBe('Warp along A; right side below; no nap; yarn-dyed')
  expect(said({ nap: 'down', finish: ['coated', 'brushed'], printRepeatMm: 18, printOffMm: 0 })).toBe(
    'Warp not known; both sides look alike; nap runs down; coated or waxed, brushed; small print',
  )
})
