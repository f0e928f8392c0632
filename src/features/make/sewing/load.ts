import { softeningOf } from '@/core/prepare/softening'
import { sewAdvice } from '@/core/sew/advice'
import { refusalToWork } from '@/core/sew/refusal'
import { surenessOf } from '@/core/sew/sureness'
import { insteadOf } from '@/core/sew/haves'
import { techniques } from '@/core/sew/techniques'
import { withSamples } from '@/core/sew/samples'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { GARMENT_WORDS, GARMENTS } from '@/core/vocabulary/choosing'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { type UnitSystem } from '@/core/units/format'
import { type AddressState } from '../../shared/address/address'
import { seamWords } from '../../shared/seamWords'
import { pieceWords } from '@/features/shared/stash/describe'
import { notebook, type Notebook } from '@/server/database'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { machineOf, readWorkroom } from '@/server/records/workroom'
import { allRecords } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { type sewingAddress } from './sewingAddress'

/** How a piece wants to be handled, with what the person has. @returns undefined where there is no such piece */
export async function loadSewing(
  pieceId: string,
  { garment, lined }: AddressState<typeof sewingAddress>,
  { units, words }: { units: UnitSystem; words: Vocabulary },
) {
  const db = await notebook()
  const [shelf, { isAsked, workroom }] = await Promise.all([shelfOf(db, words), readWorkroom(db)])
  const gist = shelf.find(pieceId)
  if (!gist) return undefined
  const samples = await samplesFor(db, shelf, gist)
  const asked = {
    offer: gist.offer,
    ...(garment && { garment }),
    lined,
    machine: machineOf(workroom),
    schools: workroom.schools,
  }
  const advice = withSamples(sewAdvice(asked), samples)
  return {
    id: pieceId,
    name: gist.name,
    summary: pieceWords(gist, units, words),
    tile: drawnAs(gist.weave, gist.look),
    garment,
    lined,
    isAsked,
    drawn: techniques.map((one) => one.id),
    ways: techniques.map(({ id, name }) => [id, name] as const),
    garments: GARMENTS.map((id) => [id, wordFor(GARMENT_WORDS[id], words)] as const),
    seams: samples.filter(({ isOwn }) => isOwn).map(({ id, words: told, picture }) => ({ id, words: told, picture })),
    refused: refusalToWork(gist.offer),
    advice,
    instead: insteadOf(advice, workroom.machine),
    sureness: surenessOf(asked),
    softening: softeningOf(gist.offer),
  }
}

/** Cloths count as alike when they are called the same, or made alike and within so much of one weight. */
const ALIKE = 0.2

function isAlike(a: PieceSummary, b: PieceSummary): boolean {
  if (a.offer.called && a.offer.called === b.offer.called) return true
  const [one, other] = [a.offer.gsm?.value.value, b.offer.gsm?.value.value]
  if (!one || !other || Math.abs(one / other - 1) > ALIKE) return false
  const main = ({ offer: { mix = [] } }: PieceSummary) => mix[0]?.fibre
  return a.offer.construction?.value === b.offer.construction?.value && main(a) !== undefined && main(a) === main(b)
}

/** Seams that were tried on this piece, and on such cloth; the latest last. */
async function samplesFor(db: Notebook, shelf: Shelf, gist: PieceSummary) {
  const { kept } = await allRecords(db, 'test-seam')
  return kept.flatMap(({ id, data }) => {
    const other = data.pieceId === gist.id ? gist : shelf.find(data.pieceId)
    if (!other || !isAlike(gist, other)) return []
    return [{ id, isOwn: data.pieceId === gist.id, ...data, words: seamWords(data) }]
  })
}

export type SewingData = NonNullable<Awaited<ReturnType<typeof loadSewing>>>
