import { randomInt } from 'node:crypto'
import { nextLook, optionsFor } from '@/core/practice/looks'
import { inspectionById } from '@/core/cloths/inspection'
import { type NamedCloth } from '@/core/cloths/types'
import { capitalise, formatWeightRange, type UnitSystem } from '@/core/units/format'
import { OPACITIES } from '@/core/vocabulary/cloth'
import { INSPECTION_IDS } from '@/core/vocabulary/inspection'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { begunLooks, listLooks } from '@/server/records/practice'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { tokenOf } from '../practice/token'

/** Every cloth is drawn in the same indigo and undyed yarn, so that only its weave tells it. */
const LOOK = { warp: '#4a6b83', weft: '#dcd3bd', accent: null, colouring: 'plain' } as const
const SEEDS = 1_000_000_000

/** A cloth to name by looking, and names to choose from. @param now ISO 8601 */
export async function loadLook({ units, words }: { units: UnitSystem; words: Vocabulary }, now: string) {
  const kept = await listLooks(await notebook())
  const seed = randomInt(SEEDS)
  const cloth = nextLook(begunLooks(kept), now, seed)
  const answers = kept.flatMap(({ data }) => data.answers)
  return {
    token: tokenOf({ topic: cloth.id, seed }),
    tile: { ...drawnAs(cloth.interlacing, LOOK), open: opennessOf(cloth) },
    hand: handWords(cloth, units),
    options: optionsFor(cloth, seed).map(({ id, name }) => ({ id, name: capitalise(name[words]) })),
    score: { right: answers.filter(({ right }) => right).length, all: answers.length },
  }
}
export type LookData = Awaited<ReturnType<typeof loadLook>>

/** How much light comes through, by what shows through it: opaque 0, sheer 1. */
function opennessOf({ opacity }: NamedCloth): number {
  const at = OPACITIES.indexOf(opacity)
  return Math.round((100 * (OPACITIES.length - 1 - at)) / (OPACITIES.length - 1)) / 100
}

/** What a hand tells of it: weight, fall, what shows through, give. */
function handWords(cloth: NamedCloth, units: UnitSystem): string[] {
  const { gsm, body, opacity, stretchWidth, marks } = cloth
  const [low, high] = stretchWidth
  const stretch = high <= 5 ? 'hardly stretches' : `stretches ${low} to ${high} % across the width`
  const seen = INSPECTION_IDS.flatMap((id) => {
    const [state] = (marks[id] as readonly string[] | undefined) ?? []
    if (state === undefined) return []
    const { title, states } = inspectionById(id)
    return [`${title}: ${(states.find((one) => one.id === state)?.label ?? state).toLowerCase()}`]
  })
  return [`${formatWeightRange(gsm, units)}, ${stretch}`, `drape: ${body}; ${opacity}`, ...seen]
}
