import { mixOf } from '@/core/fabric/mix'
import { metresPerGram, YARN_CLASSES, yarnClassOf } from '@/core/upcycle/unravel/yarn'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { NOTION_KINDS, NOTION_WORDS } from '@/core/vocabulary/upcycling'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { allRecords } from '@/server/store/repository'

/** The notions box and the yarn, by kind and name. */
export async function loadBox(words: Vocabulary) {
  const db = await notebook()
  const [notions, yarns] = await Promise.all([allRecords(db, 'notion'), allRecords(db, 'yarn')])
  const byName = <T extends { name: string }>(a: T, b: T) => a.name.localeCompare(b.name)
  return {
    kinds: NOTION_KINDS.map((id) => [id, wordFor(NOTION_WORDS[id], words)] as const),
    fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
    notions: notions.kept
      .map(({ id, data }) => ({ id, ...data }))
      .sort((a, b) => NOTION_KINDS.indexOf(a.kind) - NOTION_KINDS.indexOf(b.kind) || byName(a, b)),
    yarns: yarns.kept.map(({ id, data }) => ({ id, ...data, says: yarnWords(data, words) })).sort(byName),
  }
}

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
