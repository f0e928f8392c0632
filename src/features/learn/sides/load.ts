import { randomInt } from 'node:crypto'
import { nextSide, sceneTold, sideQuestion } from '@/core/practice/sides'
import { CHOICES_OF, SIDE_ASKS, SIDE_CHOICE_WORDS } from '@/core/vocabulary/sides'
import { notebook } from '@/server/database'
import { begunLooks, sidesTried } from '@/server/records/practice'
import { scenePictures } from '@/ui/cloth/sideScene'
import { tokenOf } from '../practice/token'

const SEEDS = 1_000_000_000

/** A cloth whose warp, face, pile, grain or wear is to be told. @param now ISO 8601 */
export async function loadSide(now: string) {
  const kept = await sidesTried(await notebook())
  const seed = randomInt(SEEDS)
  const topic = nextSide(begunLooks(kept), now, seed)
  const { scene } = sideQuestion(topic, seed)
  const answers = kept.flatMap(({ data }) => data.answers)
  return {
    token: tokenOf({ topic: topic.id, seed }),
    asks: SIDE_ASKS[topic.ask],
    told: sceneTold(scene),
    pictures: scenePictures(scene).map(({ name, svg }) => ({ name, url: asUrl(svg) })),
    choices: CHOICES_OF[topic.ask].map((id) => ({ id, words: SIDE_CHOICE_WORDS[id] })),
    score: { right: answers.filter(({ right }) => right).length, all: answers.length },
  }
}
export type SideData = Awaited<ReturnType<typeof loadSide>>

const asUrl = (svg: string) => `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`
