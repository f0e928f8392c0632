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
  ['Fabric type', ({ called }: Piece) => called],
  ['Location', ({ place }: Piece) => place],
  ['Source', ({ source }: Piece) => source],
  ['Width, mm', ({ widthMm }: Piece) => String(widthMm ?? '')],
  ['Length, mm', ({ lengthMm }: Piece) => String(lengthMm ?? '')],
  ['Stretch across the width, %', ({ stretchWidthPercent }: Piece) => String(stretchWidthPercent ?? '')],
  ['Made up as', ({ thing }: Piece) => wordFor(THING_WORDS[thing], 'uk')],
  ['Washed', ({ washed }: Piece) => WASH_STATE_WORDS[washed]],
  ['Date added', ({ got }: Piece) => got ?? ''],
  [
    'Price',
    ({ price }: Piece) => (price ? `${moneyText(price.amount, price.currency)} ${PRICE_PER_WORDS[price.per]}` : ''),
  ],
  ['Tags', ({ tags }: Piece) => tags.join(', ')],
  ['Ideas', ({ ideas }: Piece) => ideas],
  ['Care', ({ care }: Piece) => care.map((id) => careSymbol(id).words).join(', ')],
  ['Drape', ({ body }: Piece) => body ?? ''],
  ['Opacity', ({ opacity }: Piece) => opacity ?? ''],
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
      <h1>{inHand ? 'Add to stash' : initial.name}</h1>
      <RecordForm
        form={form}
        keep={inHand ? 'Add to stash' : 'Save changes'}
        compared={COMPARED}
        beside={<ButtonLink href={inHand ? `/identify?piece=${id}` : `/stash/${id}`}>Cancel</ButtonLink>}
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
