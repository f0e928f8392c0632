import { offerFrom } from '../fabric/offer'
import { sewAdvice } from './advice'
import { withSamples, type Sample } from './samples'
import { asPlainText } from '../text/render'

const advice = sewAdvice({ offer: offerFrom({ called: 'chambray', gsm: 140 }) })
const sample = (rest: Partial<Sample>): Sample => ({
  needleNm: 75,
  lengthMm: 2.2,
  tension: 'usual',
  came: 'good',
  isOwn: true,
  ...rest,
})

it('says what worked, on this cloth before another', () => {
  const told = withSamples(advice, [sample({}), sample({ needleNm: 80, isOwn: false })])
  expect(told.needle.nm).toEqual([75, 75])
  expect(told.stitch.mm).toEqual([2.2, 2.2])
  expect(told.needle.because[0]).toBe('sample-good')
  expect(asPlainText(told.needle.text)).toMatch(
    /This worked for you on this fabric: NM 75, 2.2 mm. Our rules say: 75 to 80/,
  )
  expect(withSamples(advice, [sample({ needleNm: 80, isOwn: false })]).needle.because[0]).toBe('sample-good-alike')
})

it('goes no farther than one size and half a millimetre from the rules, and says so', () => {
  const told = withSamples(advice, [sample({ needleNm: 110, lengthMm: 5 })])
  expect(told.needle.nm).toEqual([90, 90])
  expect(told.stitch.mm).toEqual([3, 3])
  expect(asPlainText(told.needle.text)).toMatch(/only part of the way/)
  expect(withSamples(advice, [sample({ needleNm: 60, lengthMm: 1 })]).needle.nm).toEqual([70, 70])
})

it('goes the way that a bad seam points', () => {
  const puckered = withSamples(advice, [sample({ needleNm: 80, lengthMm: 2.5, came: 'puckered' })])
  expect(puckered.needle.nm).toEqual([75, 75])
  expect(puckered.stitch.mm).toEqual([2, 2])
  expect(puckered.tension.id).toBe('looser')
  expect(withSamples(advice, [sample({ came: 'wavy', lengthMm: 2 })]).stitch.mm).toEqual([2.5, 2.5])
  expect(asPlainText(withSamples(advice, [sample({ came: 'skipped' })]).needle.text)).toMatch(/new needle/)
  // The latest decides; a bad one on another cloth does not.
  expect(withSamples(advice, [sample({ came: 'holes', isOwn: false })])).toBe(advice)
  expect(withSamples(advice, [])).toBe(advice)
})
