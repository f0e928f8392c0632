import { sewAdvice } from '@/core/sew/advice'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { mendWays, patchFit } from '@/core/upcycle/mend/mend'
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

/** Patches that are shown, and those that fit less than this are none. */
const SHOWN = 6
const LEAST_FIT = 0.45
/** A saved offcut is there for this: so much it is put before a length that fits as well. */
const OFFCUT_FIRST = 0.15
/** A patch reaches so far beyond the damage on each side, mm. Common practice. */
const BEYOND_MM = 15

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
  const need = mm + 2 * BEYOND_MM
  const isLarge = ({ widthMm, lengthMm }: PieceSummary) =>
    (widthMm === null || widthMm >= need) && (lengthMm === null ? widthMm === null : lengthMm >= need)
  const patches = shelf
    .gists()
    .filter((one) => one.id !== gist.id && isLarge(one))
    .map((one) => ({ one, ...patchFit(gist.offer, one.offer) }))
    .filter(({ fit }) => fit >= LEAST_FIT)
    .sort((a, b) => rankOf(b) - rankOf(a))
    // Two legs of one pair of trousers are one answer.
    .filter(({ one }, i, all) => one.cutFromId === null || isFirstOf(one.cutFromId, i, all))
    .slice(0, SHOWN)
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
    patches: patches.map(({ one, fit, for: good, against }) => ({
      id: one.id,
      name: one.name,
      place: one.place,
      isOffcut: one.thing === 'offcut',
      tile: drawnAs(one.weave, one.look),
      fit,
      good,
      against,
    })),
    yarns: yarns.slice(0, SHOWN).map(({ id, data }) => ({ id, name: data.name })),
    sew: `Needle ${needle.nm.join(' to ')}, ${thread.choices[0]?.fibre ?? 'polyester'} thread.`,
  }
}

const isFirstOf = (cutFromId: string, at: number, all: readonly { one: PieceSummary }[]) =>
  all.findIndex(({ one }) => one.cutFromId === cutFromId) === at

const rankOf = ({ one, fit }: { one: PieceSummary; fit: number }) => fit + (one.thing === 'offcut' ? OFFCUT_FIRST : 0)

export type MendData = Awaited<ReturnType<typeof loadMend>>
