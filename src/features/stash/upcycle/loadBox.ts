import { mixOf } from '@/core/fabric/mix'
import { metresPerGram, YARN_CLASSES, yarnClassOf } from '@/core/upcycle/unravel/yarn'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { NOTION_KINDS, NOTION_WORDS, type NotionKind } from '@/core/vocabulary/upcycling'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { FEW_OF_A_KIND, NOTIONS_SHOWN } from './notionsShown'
import { allRecords } from '@/server/store/repository'

/**
 * The notions box and the yarn, by kind and name.
 * @param kind all of this kind are shown, up to so many; left out: the first few of each
 */
export async function loadBox(words: Vocabulary, kind?: NotionKind, show = NOTIONS_SHOWN) {
  const db = await notebook()
  const [notions, yarns] = await Promise.all([allRecords(db, 'notion'), allRecords(db, 'yarn')])
  const all = notions.kept.map(({ id, data }) => ({ id, ...data })).sort((a, b) => a.name.localeCompare(b.name))
  const byName = <T extends { name: string }>(a: T, b: T) => a.name.localeCompare(b.name)
  return {
    kinds: NOTION_KINDS.map((id) => [id, wordFor(NOTION_WORDS[id], words)] as const),
    fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
    kind,
    shelves: NOTION_KINDS.filter((one) => kind === undefined || one === kind).flatMap((one) => {
      const own = all.filter((notion) => notion.kind === one)
      const shown = own.slice(0, kind === undefined ? FEW_OF_A_KIND : show)
      return own.length > 0 ? [{ kind: one, of: own.length, notions: shown }] : []
    }),
    total: { things: all.reduce((sum, { count }) => sum + count, 0), kinds: kindsThere(all) },
    yarns: yarns.kept.map(({ id, data }) => ({ id, ...data, says: yarnWords(data, words) })).sort(byName),
  }
}

const kindsThere = (all: readonly { kind: NotionKind; count: number }[]) =>
  new Set(all.filter(({ count }) => count > 0).map(({ kind }) => kind)).size

/** Weight, metres and class of a yarn in one line. */
function yarnWords(
  { grams, metres, wrapsPerInch, fibres }: Parameters<typeof metresOfYarn>[0],
  words: Vocabulary,
): string {
  const long = metresOfYarn({ grams, metres, wrapsPerInch, fibres })
  const parts = [
    fibres.map((fibre) => FIBRE_WORDS[fibre][words]).join(' and '),
    `${Math.round(grams)} g`,
    long === null ? '' : `about ${Math.round(long)} m`,
    wrapsPerInch === null ? '' : YARN_CLASSES[yarnClassOf(wrapsPerInch)].words[words],
  ]
  return parts.filter(Boolean).join(', ')
}

function metresOfYarn({
  grams,
  metres,
  wrapsPerInch,
  fibres,
}: {
  grams: number
  metres: number | null
  wrapsPerInch: number | null
  fibres: readonly (keyof typeof FIBRE_WORDS)[]
}): number | null {
  if (metres !== null) return metres
  return wrapsPerInch === null ? null : metresPerGram(wrapsPerInch, mixOf(fibres)).value * grams
}

export type BoxData = Awaited<ReturnType<typeof loadBox>>
