import { patternFrom } from '@/core/choose/envelope/asPattern'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { toldEnvelopes } from '../../../../tests/support/cases/envelopes'
import { BLANK, isUnfilled, patternDraftOf, needOf, patternOf, withReading } from './draft'

it.each(toldEnvelopes.map(({ text }) => [text.slice(0, 40), text] as const))(
  'a pattern of “%s…” stands in its form and comes out of it as it was',
  async (_, text) => {
    const pattern = PatternSchema.parse({ name: 'Told', ...patternFrom(readEnvelope(text)) })
    const back = PatternSchema.parse(await patternOf(patternDraftOf(pattern)))
    expect(back.need).toEqual(pattern.need)
    expect(back.lengths).toEqual(pattern.lengths)
    expect(back.partners).toEqual(pattern.partners)
    expect(back.notions.map(({ text }) => text)).toEqual(pattern.notions.map(({ text }) => text))
    expect(back.views).toEqual(pattern.views)
  },
)

it('a reading fills the fields, and leaves name, notes and a garment that it does not name', () => {
  const typed = { ...BLANK, name: 'Smock', notes: 'For the fox', need: { garment: 'apron' as const, details: [] } }
  const read = patternFrom(readEnvelope('Light to mid-weight wovens. Lining: cupro. 3 buttons\nsomething else'))
  const draft = withReading(typed, read)
  expect(draft).toMatchObject({ name: 'Smock', notes: 'For the fox', from: 65, to: 270, notRead: ['something else'] })
  expect(draft.need.garment).toBe('apron')
  expect(draft.partners.map(({ role }) => role)).toEqual(['lining'])
})

it('an open end of a weight is filled in as usual for the garment, and none where nothing is said', () => {
  const need = { garment: 'shirt' as const, details: [] }
  expect(needOf({ need, from: null, to: null }).gsm).toBeUndefined()
  expect(needOf({ need, from: 100, to: null }).gsm).toEqual([100, 170])
  expect(needOf({ need, from: null, to: 140 }).gsm).toEqual([90, 140])
})

it('counts what a notion says it wants', async () => {
  const { notions } = await patternOf({
    ...BLANK,
    name: 'x',
    notionsText: '9 buttons\n20 cm zip\n2 x d-rings\nthread',
  })
  expect(notions.map(({ count }) => count)).toEqual([9, null, 2, null])
})

it('is unfilled until something is said that a reading would write over', () => {
  expect(isUnfilled({ ...BLANK, name: 'Cape', envelope: 'Cape. Wool.', notes: 'for the heron' })).toBe(true)
  expect(isUnfilled({ ...BLANK, notionsText: '5 buttons' })).toBe(false)
  expect(isUnfilled({ ...BLANK, from: 150 })).toBe(false)
  expect(isUnfilled({ ...BLANK, need: { ...BLANK.need, garment: 'coat' } })).toBe(false)
  expect(isUnfilled({ ...BLANK, partners: [{ role: 'lining', label: '', need: {}, lengthsText: '' }] })).toBe(false)
})
