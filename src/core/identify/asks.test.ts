import { seen } from '../../../tests/support/seen'
import { featureById } from './features'
import { identify, type IdentifyQuestion } from './identify'

const polyCotton = seen({
  melting: 'partly',
  'after-removal': 'burns-on',
  smell: ['paper', 'sweet-chemical'],
  residue: 'hard-specks-in-ash',
})
const cotton = seen({
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  smell: 'paper',
  residue: 'soft-ash',
  crush: 'powders',
})
const asked = (question: IdentifyQuestion) => identify(question).asked

it('answers whether there is plastic in it, and says what a trace can hide', () => {
  expect(asked({ observations: polyCotton, asks: 'plastic' })).toMatchObject({
    asks: 'plastic',
    text: expect.stringMatching(/certainly, there is plastic in it/),
  })
  const none = asked({ observations: cotton, asks: 'plastic' })
  expect(none.text).toMatch(/there is no plastic in it\. A few per cent/)
  expect(none.probability).toBeGreaterThan(0.8)
})

it('answers what kind, where the fibre stays open', () => {
  const family = asked({ observations: cotton, asks: 'family' })
  const fibre = asked({ observations: cotton, asks: 'fibre' })
  expect(family.probability).toBeGreaterThanOrEqual(fibre.probability)
})

it('answers for the label, and for the fibre where there is no label', () => {
  const label = asked({ observations: polyCotton, asks: 'label', claim: [{ fibre: 'cotton', percent: 100 }] })
  expect(label.text).toMatch(/not what the label says/)
  expect(asked({ observations: polyCotton, asks: 'label' }).asks).toBe('fibre')
})

it('steers the next test: for plastic it stops where for the fibre it goes on', () => {
  const forPlastic = identify({
    observations: [...cotton, ...seen({ 'water-drop': 'soaks-at-once', approach: 'unmoved' })],
    asks: 'plastic',
  })
  const forFibre = identify({
    observations: [...cotton, ...seen({ 'water-drop': 'soaks-at-once', approach: 'unmoved' })],
    asks: 'fibre',
  })
  expect(forFibre.next.length).toBeGreaterThan(forPlastic.next.length)
  expect(['loupe-fibre', 'wet-strength']).toContain(forFibre.next[0]!.feature)
})

it('offers only what can be done with what is at hand, and says what is missing', () => {
  const bare = identify({ observations: cotton, atHand: [] })
  expect(bare.next.every(({ feature }) => featureById(feature).needs.length === 0)).toBe(true)
  const woolly = seen({
    smell: 'hair-feather',
    residue: 'crushable-bead',
    'yarn-type': 'staple',
    lustre: 'matt',
    touch: 'warm',
    'water-drop': 'beads',
    'wet-strength': 'weaker',
    'yarn-break': 'stretches-first',
    scrunch: 'springs-out',
    'drying-twist': 'both-ways',
    float: 'sinks',
  })
  const stuck = identify({ observations: woolly, atHand: [], asks: 'fibre' })
  expect(stuck.next).toEqual([])
  expect(stuck.stop).toMatch(/^Stop here/)
})

it('says plainly when the question is settled', () => {
  expect(identify({ observations: polyCotton, asks: 'plastic' }).stop).toMatch(
    /You can stop here: it is almost certainly fabric with plastic in it/,
  )
  expect(identify({ observations: seen({ smell: 'paper' }) }).stop).toBeNull()
})
