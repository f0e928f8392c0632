import { familyOf, judgedBlind, type Blind } from '@/core/practice/blind'
import { FAMILIES, FAMILY_WORDS, FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { runningPart } from '@/core/stashSearch/stashIndex/running'
import { controlsBox } from '@/server/records/controls'
import { isOpened } from '@/server/records/blindBoxes'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { listRecords, recordsReferring } from '@/server/store/repository'

/** Pieces that are offered beside the known ones. */
const OFFERED = 16

function isOfKnownFibres({ knowing, fibres }: PieceSummary): boolean {
  return fibres.length > 0 && ['tested', 'supported', 'label'].includes(knowing)
}

/** The box that is open, or what one can be packed of. */
export async function loadBlind(words: Vocabulary) {
  const db = await notebook()
  const [controls, shelf, boxes] = await Promise.all([
    controlsBox(db),
    shelfOf(db, words),
    listRecords(db, 'blind-box', { limit: 1, newestFirst: true }),
  ])
  const [box] = boxes.kept
  const pieces: Blind[] = shelf
    .follow('of known fibres', () => runningPart(isOfKnownFibres))
    .slice(0, OFFERED)
    .map(({ id, name, fibres }) => ({ id, from: 'piece', name, fibres: fibres.slice(0, 3) }))
  const offered: Blind[] = [
    ...controls
      .filter(({ impure }) => !impure)
      .map(({ id, name, fibre }): Blind => ({ id, from: 'control', name, fibres: [fibre] })),
    ...pieces,
  ]
  const entries = box?.data.entries ?? []
  const isOver = box !== undefined && isOpened(box.data)
  const burns = box ? await recordsReferring(db, 'burn-test', 'blindId', box.id) : []
  const namesOf = (fibres: Blind['fibres']) => fibres.map((id) => FIBRE_WORDS[id][words]).join(' and ')
  return {
    offered: offered.map((one) => ({ ...one, says: namesOf(one.fibres) })),
    box: box && {
      id: box.id,
      isPacked: box.data.isPacked,
      isOver,
      /** Burns that teach the bench now. */
      taught: isOver ? burns.filter(({ data }) => data.controlId !== null && data.answers.length > 0).length : 0,
      // Until the last is answered the page does not hold what they are.
      entries: entries.map(({ code, name, fibres, answer }) => ({
        code,
        isAnswered: answer !== null,
        /** Burns under its letter. */
        burns: burns.filter(({ data }) => data.blindCode === code).map((burn) => burn.id),
        key: !box.data.isPacked || isOver ? `${name} (${namesOf(fibres)})` : null,
        result:
          isOver && answer
            ? {
                ...judgedBlind({ fibres }, answer),
                said: answer.fibres.length > 0 ? namesOf(answer.fibres) : FAMILY_WORDS[answer.family].name,
                family: FAMILY_WORDS[familyOf(fibres)].name,
                sure: answer.sure,
              }
            : null,
      })),
    },
    families: FAMILIES.map((id) => [id, FAMILY_WORDS[id].name] as const),
    fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
  }
}

export type BlindData = Awaited<ReturnType<typeof loadBlind>>
