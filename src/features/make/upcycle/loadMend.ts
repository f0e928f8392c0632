import { sewAdvice } from '@/core/sew/advice'
import { mendWays } from '@/core/upcycle/mend/mend'
import { patchesFor } from '@/core/upcycle/mend/patches'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { allRecords } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type AddressState } from '../../shared/address/address'
import { pieceWords } from '../../shared/stash/describe'
import { recentPieces } from './loadTogether'
import { type mendAddress } from './mendAddress'

/** So many yarns are shown. */
const MOST_YARNS = 6

/** How something of the stash is mended, and with what of it. */
export async function loadMend(
  { of, what, mm }: AddressState<typeof mendAddress>,
  { units, words }: { units: UnitSystem; words: Vocabulary },
) {
  const db = await notebook()
  const shelf = await shelfOf(db, words)
  const gist = of === undefined ? undefined : shelf.find(of)
  const offered = recentPieces(shelf, ({ thing }) => thing !== 'offcut')
  if (!gist) return { choice: { what, mm }, thing: null, offered, patches: [], ways: [], yarns: [], sew: null }
  const patches = patchesFor(gist, shelf.all(), mm)
  const { needle, thread } = sewAdvice({ offer: gist.offer })
  const yarns = gist.construction === 'knit' ? (await allRecords(db, 'yarn')).kept : []
  return {
    choice: { what, mm },
    thing: {
      id: gist.id,
      name: gist.name,
      summary: pieceWords(gist, units, words),
      tile: drawnAs(gist.weave, gist.look),
    },
    offered,
    ways: mendWays({ offer: gist.offer, damage: what, mm }),
    patches: patches.map(({ patch, fit, for: good, against }) => ({
      id: patch.id,
      name: patch.name,
      place: patch.place,
      isOffcut: patch.thing === 'offcut',
      tile: drawnAs(patch.weave, patch.look),
      fit,
      good,
      against,
    })),
    yarns: yarns.slice(0, MOST_YARNS).map(({ id, data }) => ({ id, name: data.name })),
    sew: `Needle ${needle.nm.join(' to ')}, ${thread.choices[0]?.fibre ?? 'polyester'} thread.`,
  }
}

export type MendData = Awaited<ReturnType<typeof loadMend>>
