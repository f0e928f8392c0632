import { sittingOf, type Due, type Sitting } from '../../core/practice/session'
import { isDue, recallOf, type KeptCard } from '../../core/practice/schedule'
import { type Notebook } from '../store/openNotebook'
import { listLooks, listPractice, sidesTried } from './practice'
import { listRecords } from '../store/repository'

/** A guess by hand is worth another after so many days. */
const GUESS_AGAIN_DAYS = 7
const DAY_MS = 86_400_000
/** New things that are begun in one sitting, at most, of each kind: more are muddled up. */
const NEW = { burn: 2, look: 3, side: 3 } as const

/** What is practised in so many minutes, of everything that is practised. @param at ISO 8601 */
export async function sittingFor(db: Notebook, minutes: number, at: string): Promise<Sitting[]> {
  const [burns, looks, sides, guesses] = await Promise.all([
    listPractice(db),
    listLooks(db),
    sidesTried(db),
    listRecords(db, 'guess', { limit: 1, newestFirst: true }),
  ])
  const of = (drill: keyof typeof NEW, kept: readonly { data: { card: KeptCard } }[]): Due[] => [
    ...kept
      .filter(({ data }) => isDue(data, at))
      .map(({ data }) => ({ drill, recall: recallOf(data.card, at), isNew: false })),
    ...Array.from({ length: NEW[drill] }, () => ({ drill, recall: 0, isNew: true })),
  ]
  const last = guesses.kept[0]?.data.at
  const isGuessDue = last === undefined || Date.parse(at) - Date.parse(last) > GUESS_AGAIN_DAYS * DAY_MS
  const number: Due[] = isGuessDue ? [{ drill: 'number', recall: 0.5, isNew: last === undefined }] : []
  return sittingOf([...of('burn', burns), ...of('look', looks), ...of('side', sides), ...number], minutes)
}
