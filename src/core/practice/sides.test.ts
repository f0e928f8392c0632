import { CHOICES_OF, SIDE_CHOICE_WORDS } from '../vocabulary/sides'
import { reviewCard } from './schedule'
import { nextSide, sceneTold, sideQuestion, sideTopicById, sideTopics, type SideScene } from './sides'
import { asPlainText } from '../text/render'

const SEEDS = Array.from({ length: 200 }, (_, i) => i * 104_729 + 1)
const of = (id: string, seed: number) => sideQuestion(sideTopicById(id)!, seed)
const sceneOf = <K extends SideScene['is']>(id: string, seed: number) =>
  of(id, seed).scene as Extract<SideScene, { is: K }>

it.each(sideTopics.map((topic) => [topic.id, topic] as const))('%s: asks what can be answered', (_, topic) => {
  for (const seed of SEEDS) {
    const { answer, scene } = sideQuestion(topic, seed)
    expect(CHOICES_OF[topic.ask]).toContain(answer)
    expect(sideQuestion(topic, seed)).toEqual({ answer, scene })
    // What is told instead of the picture says what is there: the answer’s words only where all others’ stand too.
    const told = asPlainText(sceneTold(scene)).toLowerCase()
    const named = CHOICES_OF[topic.ask].filter((choice) =>
      told.includes(SIDE_CHOICE_WORDS[choice].replace(/ the picture$/, '')),
    )
    if (answer.length > 1 && named.includes(answer)) expect(named).toEqual(CHOICES_OF[topic.ask])
    expect(told.length).toBeGreaterThan(30)
  }
  expect(topic.because.length).toBeGreaterThan(40)
})

it('has every answer of every question among its topics', () => {
  for (const [ask, choices] of Object.entries(CHOICES_OF)) {
    const given = sideTopics
      .filter((topic) => topic.ask === ask)
      .flatMap((topic) => SEEDS.map((seed) => sideQuestion(topic, seed).answer))
    expect(new Set(given)).toEqual(new Set(choices))
  }
})

it('turns the cloth as often as not, so that where it lies tells nothing', () => {
  for (const id of ['side:warp-closer', 'side:face-twill', 'side:nap-velvet']) {
    const first = of(id, SEEDS[0]!).answer
    const same = SEEDS.filter((seed) => of(id, seed).answer === first).length
    expect([id, same > SEEDS.length * 0.38, same < SEEDS.length * 0.62]).toEqual([id, true, true])
  }
})

it('sets the warp closer, stripes the warp, and lays slubs in the weft', () => {
  for (const seed of SEEDS) {
    const closer = sceneOf<'threads'>('side:warp-closer', seed)
    expect(closer.warp.perCm / closer.weft.perCm).toBeGreaterThanOrEqual(1.35)
    const slub = sceneOf<'threads'>('side:warp-slub', seed)
    expect([slub.warp.slub, slub.weft.slub > 0.3]).toEqual([0, true])
    const stripe = sceneOf<'threads'>('side:warp-stripe', seed)
    expect([stripe.warp.isStriped, stripe.weft.isStriped]).toEqual([true, false])
    expect(of('side:warp-closer', seed).answer).toBe(closer.isTurned ? 'across' : 'up-and-down')
  }
})

it('keeps what is straight far from what is skewed or bowed', () => {
  for (const seed of SEEDS) {
    const straight = sceneOf<'weft'>('side:grain-straight', seed)
    const skewed = sceneOf<'weft'>('side:grain-skew', seed)
    const bowed = sceneOf<'weft'>('side:grain-bow', seed)
    expect(Math.max(Math.abs(straight.skew), Math.abs(straight.bow))).toBeLessThan(0.007)
    expect(Math.abs(skewed.skew)).toBeGreaterThan(6 * Math.abs(skewed.bow))
    expect(Math.abs(bowed.bow)).toBeGreaterThan(6 * Math.abs(bowed.skew))
  }
})

it('begins with the easiest, and brings back what is due', () => {
  const AT = '2026-05-02T10:00:00.000Z'
  const first = nextSide([], AT, 3)
  expect(sideTopics.slice(0, 4)).toContainEqual(first)
  const wrong = reviewCard(null, 1, AT)
  const begun = sideTopics.slice(0, 4).map(({ id }) => ({ topic: id, card: wrong, right: [false] }))
  const later = nextSide(begun, '2026-05-04T10:00:00.000Z', 3)
  expect(begun.map(({ topic }) => topic)).toContain(later.id)
})

it('knows no topic that it does not have', () => {
  expect(sideTopicById('side:selvedge')).toBeUndefined()
  expect(sideTopicById('denim')).toBeUndefined()
})
