import { sideQuestion, sideTopicById, sideTopics } from '@/core/practice/sides'
import { SIDE_CHOICE_WORDS } from '@/core/vocabulary/sides'
import { scenePictures } from './sideScene'

const pictures = (id: string, seed: number) => scenePictures(sideQuestion(sideTopicById(id)!, seed).scene)
const withAnswer = (id: string, answer: string) => {
  const topic = sideTopicById(id)!
  const seed = Array.from({ length: 60 }, (_, i) => i).find((one) => sideQuestion(topic, one).answer === answer)!
  return pictures(id, seed)
}

it.each(sideTopics.map(({ id, ask }) => [id, ask] as const))('%s is drawn, and names no answer', (id, ask) => {
  const drawn = pictures(id, 11)
  expect(drawn.map(({ name }) => name)).toEqual(ask === 'face' || ask === 'nap' ? ['A', 'B'] : [''])
  for (const { svg } of drawn) {
    expect(svg).toMatch(/^<svg [^>]*viewBox="0 0 \d+ \d+">.*<\/svg>$/s)
    expect(svg).not.toMatch(/NaN|undefined|Infinity/)
    for (const words of [...Object.keys(SIDE_CHOICE_WORDS), 'warp', 'weft'].filter(({ length }) => length > 4))
      expect(svg.toLowerCase()).not.toContain(words)
  }
})

it('draws face and back as two sides of one cloth: changed about where the answer is the other', () => {
  for (const id of ['side:face-twill', 'side:face-satin', 'side:face-print', 'side:face-ends']) {
    const [a, b] = withAnswer(id, 'a')
    expect([id, a!.svg === b!.svg]).toEqual([id, false])
  }
  const [a, b] = withAnswer('side:nap-velvet', 'a')
  const [otherA, otherB] = withAnswer('side:nap-velvet', 'b')
  expect([a!.svg, b!.svg]).toEqual([otherB!.svg, otherA!.svg])
})

it('draws a print strongly on the right side and palely on the back', () => {
  const opacities = (svg: string) =>
    [...svg.matchAll(/fill-opacity="(0\.\d+)"\/><path transform/g)].map(([, o]) => Number(o))
  const [a, b] = withAnswer('side:face-print', 'a')
  expect(Math.min(...opacities(a!.svg))).toBeGreaterThan(2 * Math.max(...opacities(b!.svg)))
})

it('lets the coloured thread climb by as much as the cloth is skewed', () => {
  const topic = sideTopicById('side:grain-skew')!
  const { scene } = sideQuestion(topic, 5)
  if (scene.is !== 'weft') throw new Error('another scene')
  const [, thread] = /<path d="M([^"]+)" fill="none" stroke="#a5413a"/.exec(scenePictures(scene)[0]!.svg)!
  const ys = thread!.split('L').map((at) => Number(at.split(' ')[1]))
  expect(ys[0]! - ys.at(-1)!).toBeCloseTo(640 * scene.skew, 0)
})
