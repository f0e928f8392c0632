import {
  inCelsius,
  inCm,
  inGsm,
  inKg,
  inMetres,
  inMm,
  inMmBoth,
  perCm,
  sizeInCm,
  stitchLengthMm,
  stitchWidthMm,
} from './amounts'
import { allPlain, asPlainText, textFor, type Reader } from './render'
import { asWritten, joinTexts, lowerFirst, phrase, pieceNamed, upperFirst, withPieceNames } from './text'

const AMERICAN: Reader = { words: 'us', units: 'imperial' }

// Inches as on a tape: exact conversions by the inch of 25.4 mm, rounded to what its marks show.
it.each([
  [phrase`Sew ${inMm(6)} from the edge.`, 'Sew 6 mm from the edge.', 'Sew ¼ in (6 mm) from the edge.'],
  [phrase`at ${inMm(15)}`, 'at 15 mm', 'at ⅝ in (15 mm)'],
  [phrase`to ${inMm(5)}`, 'to 5 mm', 'to 3/16 in (5 mm)'],
  [phrase`rolled by ${inMm(1)}`, 'rolled by 1 mm', 'rolled by 0.04 in (1 mm)'],
  [phrase`${inMmBoth(12, 18)} in`, '12 and 18 mm in', '½ and ¾ in (12 and 18 mm) in'],
  [phrase`a square of ${inCm(20)}`, 'a square of 20 cm', 'a square of 8 in (20 cm)'],
  [phrase`mark ${sizeInCm(30, 40)}`, 'mark 30 × 40 cm', 'mark 12 × 15½ in (30 × 40 cm)'],
  [phrase`take ${inMetres(3)} of tape`, 'take 3 m of tape', 'take 3¼ yd (3 m) of tape'],
  [phrase`over ${inGsm(100)}`, 'over 100 g/m²', 'over 2.9 oz/yd² (100 g/m²)'],
  [phrase`${inGsm(80, 130)}`, '80 to 130 g/m²', '2.4 to 3.8 oz/yd² (80 to 130 g/m²)'],
  [phrase`${inKg(5)} at most`, '5 kg at most', '11.0 lb (5 kg) at most'],
  [phrase`wash at ${inCelsius(40)}`, 'wash at 40 °C', 'wash at 105 °F (40 °C)'],
  [phrase`freeze at ${inCelsius(-18)}`, 'freeze at −18 °C', 'freeze at 0 °F (−18 °C)'],
  [phrase`${stitchLengthMm(2.5)} long`, '2.5 mm long', '2.5 mm (10 stitches per inch) long'],
  [phrase`${perCm(20)} warp threads`, '20 per cm warp threads', '51 per inch (20 per cm) warp threads'],
  [phrase`${stitchWidthMm(1)} wide`, '1 mm wide', '1 mm wide'],
  [phrase`a third: ${inGsm(50, 50)}`, 'a third: 50 g/m²', 'a third: 1.5 oz/yd² (50 g/m²)'],
])('%j is “%s”, or “%s”', (text, plain, american) => {
  expect(asPlainText(text)).toBe(plain)
  expect(textFor(text, AMERICAN)).toBe(american)
})

it.each([
  ['Fibres of another colour, grey towards the centre', 'Fibers of another color, gray toward the center'],
  ['Colourless moulds; multicoloured', 'Colorless molds; multicoloured'],
  ['Tack it with a tacking thread, then a bar tack', 'Baste it with a basting thread, then a bar tack'],
  // In America calico is another fabric: a small print.
  ['The selvedges of calico', 'The selvages of calico'],
  ['A stack of tracks; an attack', 'A stack of tracks; an attack'],
  ['A metre or three centimetres; the programme', 'A meter or three centimeters; the program'],
  ['He practises unravelling', 'He practices unraveling'],
])('“%s” is “%s” in America', (british, american) => {
  expect(textFor(british, AMERICAN)).toBe(american)
  expect(textFor(british, { words: 'uk', units: 'imperial' })).toBe(british)
})

it('leaves alone what a person wrote', () => {
  const text = phrase`The colour of ${asWritten('Grey calico, 3 m')} runs.`
  expect(textFor(text, AMERICAN)).toBe('The color of Grey calico, 3 m runs.')
})

it('puts the names of pieces in as they were written', () => {
  const text = phrase`${pieceNamed('p1')} and ${pieceNamed('p2')} are grey`
  expect(asPlainText(text)).toBe('p1 and p2 are grey')
  expect(textFor(withPieceNames(text, { p1: 'Harbour melton, grey' }), AMERICAN)).toBe(
    'Harbour melton, grey and p2 are gray',
  )
  expect(withPieceNames('p1 alone', { p1: 'Melton' })).toBe('p1 alone')
})

it('is words alone where it has no amounts, and takes other texts in', () => {
  expect(phrase`Two ${'words'} and ${3}`).toBe('Two words and 3')
  expect(phrase`A long
    line`).toBe('A long line')
  const inner = phrase`cut ${inMm(6)}`
  expect(asPlainText(phrase`First: ${inner}.`)).toBe('First: cut 6 mm.')
  expect(asPlainText(joinTexts([inner, 'then press', inner], '; '))).toBe('cut 6 mm; then press; cut 6 mm')
  expect([asPlainText(upperFirst(inner)), asPlainText(lowerFirst('Sew it'))]).toEqual(['Cut 6 mm', 'sew it'])
  expect(asPlainText(upperFirst(phrase`${inMm(6)} off`))).toBe('6 mm off')
})

it('makes words of every text in an answer, and of nothing else', () => {
  const answer = { text: phrase`Sew ${inMm(6)} off`, because: ['one', 'two'], spans: [[1, 2]], none: [], at: null }
  expect(allPlain(answer)).toEqual({ ...answer, text: 'Sew 6 mm off' })
  expect(allPlain([{ unit: 'mm', values: [1], more: 1 }, 'x'])).toEqual([{ unit: 'mm', values: [1], more: 1 }, 'x'])
})
