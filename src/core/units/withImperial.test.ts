import { withImperial } from './withImperial'

it.each([
  ['Sew 6 mm from the edge.', 'Sew 6 mm (¼ in) from the edge.'],
  ['Sew at 15 mm, trim one to 5 mm.', 'Sew at 15 mm (⅝ in), trim one to 5 mm (3/16 in).'],
  ['A square of 20 cm.', 'A square of 20 cm (8 in).'],
  ['At 6 to 12 mm, the ends long.', 'At 6 to 12 mm (¼ to ½ in), the ends long.'],
  ['Mark 30 × 40 cm of it.', 'Mark 30 × 40 cm (12 × 15½ in) of it.'],
  ['Take 3 m of tape.', 'Take 3 m (3¼ yd) of tape.'],
  ['Over about 100 g/m² it stands.', 'Over about 100 g/m² (2.9 oz/yd²) it stands.'],
  ['2.0 kg of 5 kg', '2.0 kg (4.4 lb) of 5 kg (11.0 lb)'],
  ['A hem of 38 mm', 'A hem of 38 mm (1½ in)'],
  ['A gap of 30 mm', 'A gap of 30 mm (1⅛ in)'],
  ['5 cm over', '5 cm (2 in) over'],
])('%s', (metric, both) => expect(withImperial(metric)).toBe(both))

it.each([
  // Stitches are set in mm on every machine.
  'A straight stitch, 2.5 to 3 mm long',
  'Roll it 1 mm inwards',
  // Said already.
  'Buy 2.1 m (2⅜ yd) of it',
  // No lengths.
  'An area of 3 m², 40 °C, 5 min, NM 80, A4',
  'with 3 metres or 5 more',
])('leaves “%s” alone', (text) => expect(withImperial(text)).toBe(text))

it('what is said twice is not said three times', () => {
  const once = withImperial('Sew 6 mm from the edge, with 20 cm of tape.')
  expect(withImperial(once)).toBe(once)
})
