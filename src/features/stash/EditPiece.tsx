'use client'

import { useRouter } from 'next/navigation'
import { type Piece } from '@/core/notebook/kinds/piece'
import { careSymbol } from '@/core/vocabulary/care'
import { THING_WORDS } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { WASH_STATE_WORDS, type Interlacing } from '@/core/vocabulary/cloth'
import { ButtonLink } from '@/ui/kit/links'
import { Page } from '@/ui/kit/surfaces'
import { RecordForm } from '../shared/form/RecordForm'
import { useForm } from '../shared/form/useForm'
import { updatePiece } from './actions'
import { cleanPiece } from './fields/cleanPiece'
import { PieceFields } from './fields/PieceFields'
import { moneyText } from '@/core/units/money'
import { PRICE_PER_WORDS } from '@/core/vocabulary/stash'

/** What two windows may have written differently. */
const COMPARED = [
  ['Name', ({ name }: Piece) => name],
  ['What is it called', ({ called }: Piece) => called],
  ['Where it lies', ({ place }: Piece) => place],
  ['Where it came from', ({ source }: Piece) => source],
  ['Width, mm', ({ widthMm }: Piece) => String(widthMm ?? '')],
  ['Length, mm', ({ lengthMm }: Piece) => String(lengthMm ?? '')],
  ['Stretch across, %', ({ stretchWidthPercent }: Piece) => String(stretchWidthPercent ?? '')],
  ['What it is', ({ thing }: Piece) => wordFor(THING_WORDS[thing], 'uk')],
  ['Washed', ({ washed }: Piece) => WASH_STATE_WORDS[washed]],
  ['Came on', ({ got }: Piece) => got ?? ''],
  [
    'Price',
    ({ price }: Piece) =>
      price ? `${moneyText(price.amount, price.currency)} for ${PRICE_PER_WORDS[price.per]}` : '',
  ],
  ['Tags', ({ tags }: Piece) => tags.join(', ')],
  ['What for', ({ ideas }: Piece) => ideas],
  ['Care', ({ care }: Piece) => care.map((id) => careSymbol(id).words).join(', ')],
  ['How it falls', ({ body }: Piece) => body ?? ''],
  ['Shows through', ({ opacity }: Piece) => opacity ?? ''],
  ['Label', ({ claim }: Piece) => claim.map(({ fibre, percent }) => `${percent} % ${fibre}`).join(', ')],
  ['Looks', ({ look }: Piece) => `${look.warp} ${look.weft} ${look.accent ?? ''} ${look.colouring}`],
  ['Border', ({ border }: Piece) => (border ? `${border.side}, ${border.reachMm} mm` : '')],
  ['Notes', ({ notes }: Piece) => notes],
] as const

interface Props {
  id: string
  revision: number
  initial: Piece
  /** The weave that it is drawn in. */
  weave: Interlacing
}

/** What is written of a piece, to change. */
export function EditPiece({ id, revision, initial, weave }: Props) {
  const router = useRouter()
  const { inHand } = initial
  const form = useForm({
    // A cloth in hand gets a name of its own when it is put on a shelf.
    initial: inHand ? { ...initial, name: '' } : initial,
    revision,
    save: (piece, seen) =>
      updatePiece({ id, revision: seen ?? revision }, { piece: { ...cleanPiece(piece), inHand: false } }),
    onKept: () => router.push(`/stash/${id}`),
    keepAs: `piece-${id}`,
  })
  return (
    <Page>
      <h1>{inHand ? 'Keep it in the stash' : initial.name}</h1>
      <RecordForm
        form={form}
        keep={inHand ? 'Keep it in the stash' : 'Keep the changes'}
        compared={COMPARED}
        beside={
          <ButtonLink href={inHand ? `/find-out?piece=${id}` : `/stash/${id}`}>Back without changing</ButtonLink>
        }
      >
        <PieceFields
          piece={form.value}
          weave={weave}
          onChange={form.replace}
          error={(key) => form.error(`piece.${key}`)}
        />
      </RecordForm>
    </Page>
  )
}
