'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import styled from 'styled-components'
import { rectangle, type Point } from '@/core/shapes/polygon'
import { formatPercent } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { PutAway } from '@/ui/kit/PutAway'
import { Actions, Columns, Page, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { beginTest } from '../../shared/burn/beginTest'
import { Damaged } from '../../shared/damaged/Damaged'
import { type DamagedCard } from '../../shared/damaged/load'
import { MaterialCard } from '../../shared/material/MaterialCard'
import { dropPiece } from '../actions'
import { GoodFor } from './GoodFor'
import { PieceHistory } from './History'
import { HowItWears } from './HowItWears'
import { RelatedPiecesPanel } from './Kin'
import { ShapeDrawing } from './shape/ShapeDrawing'
import { Photographs } from './Photographs'
import { WrittenDown } from './WrittenDown'
import { afterThat, nextStepOf } from './nextStep'
import { PropertyTable } from './PropertyTable'
import { type PieceData } from './types'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'
import { phrase, asWritten } from '@/core/text/text'

// Opened by few: loaded when it is.
const ShapeOf = dynamic(() => import('./shape/ShapeOf').then(({ ShapeOf: part }) => part))

const Answer = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: clamp(1.25rem, 1rem + 1vw, 1.6rem);
  line-height: 1.3;
  max-width: 52ch;
`

const Photo = styled.img`
  display: block;
  width: 100%;
  max-height: 22rem;
  object-fit: cover;
  border-radius: 3px;
`

/** One piece on one page: what it is, what to do next, and all that is known, with the evidence under each line. */
export function PiecePage({ damaged, ...data }: PieceData & { damaged: readonly DamagedCard[] }) {
  const { piece, tile, summary, rows, foretelling } = data
  const measured = rows.filter(({ how }) => how === 'measured').length
  return (
    <Page>
      <div>
        <Link href="/stash">Stash</Link>
        <h1>{piece.name}</h1>
        <Answer>{summary}</Answer>
      </div>
      {data.keptBy.map(({ id, name }) => (
        <Callout key={id} $tone="warn">
          Reserved for <Link href={`/make/projects/${id}`}>{name}</Link>.
        </Callout>
      ))}
      <Next {...data} />
      <Damaged cards={damaged} />
      <Columns $first="1.9fr">
        <Stack $gap="1.25rem">
          <PropertyTable {...data} />
          {data.material ? <MaterialCard told={data.material} /> : null}
        </Stack>
        <Stack $gap="1.25rem">
          <Face piece={piece} tile={tile} />
          <WrittenDown piece={piece} />
          {piece.outline || piece.flaws.length > 0 ? <ShapeDrawing piece={piece} /> : null}
          <Photographs piece={piece} />
          <RelatedPiecesPanel {...data} />
          <Soft>
            {rows.filter(({ how }) => how !== 'unknown').length} of {rows.length} properties are known or estimated;
            measured: {measured}.
          </Soft>
          {foretelling.checked > 0 ? (
            <Soft>
              We estimated the opacity correctly for {foretelling.right} of {foretelling.checked} fabrics that you
              checked. On average we gave {formatPercent(foretelling.meanProbability)} to the right answer.
            </Soft>
          ) : null}
        </Stack>
      </Columns>
      <WhenOpened summary="Comfort in heat and cold">{() => <HowItWears comfort={data.comfort} />}</WhenOpened>
      <WhenOpened summary="Shape, stains, holes and worn places">{() => <ShapeOf piece={piece} />}</WhenOpened>
      {piece.thing === 'offcut' ? (
        <WhenOpened summary="Uses (binding, patches, pockets)">
          {() => <GoodFor outline={groundOf(piece)} name={piece.name} />}
        </WhenOpened>
      ) : null}
      <WhenOpened summary="History and undo">{() => <PieceHistory {...data} />}</WhenOpened>
      <PutAway
        offer="Remove from stash (used up, given away …)"
        question={`Remove ${piece.name} from the stash, with its tests and weighings?`}
        decide="Remove"
        onDecided={() => dropPiece(piece.id)}
      />
    </Page>
  )
}

/** The outline of an offcut, or the rectangle that it is. */
function groundOf({ outline, widthMm, lengthMm }: PieceData['piece']): readonly Point[] {
  return outline ? outline.points : rectangle(widthMm ?? 0, lengthMm ?? 0)
}

/** What stands for the piece: how it is drawn, or its first photograph. */
function Face({ piece, tile }: Pick<PieceData, 'piece' | 'tile'>) {
  const say = useSay()
  const [first] = piece.pictures
  if (piece.face === 'picture' && first)
    return <Photo src={`/pictures/${first.name}`} alt={`Photo of ${piece.name}`} />
  const label = say(phrase`${asWritten(piece.name)}, drawn from its weave and colours`)
  return <ClothSwatch tile={tile} label={label} height="16rem" scale={1.6} />
}

/** The one thing to do next, and the quieter rest. */
function Next(data: PieceData) {
  const { piece, tests } = data
  const { busy, trouble, doing } = useAsyncAction()
  const step = nextStepOf(data)
  const burn = () => doing(() => beginTest({ pieceId: piece.id }))
  const more = afterThat(data.worth)
  return (
    <Callout>
      <Stack $gap="0.6rem">
        <p>
          <b>Next:</b> <Say>{step.why}</Say> {step.do === 'go' && !data.unfinished ? more : ''}
        </p>
        <Actions>
          {step.do === 'burn' ? (
            <StrongButton isDisabled={busy} onPress={burn}>
              {step.says}
            </StrongButton>
          ) : (
            <StrongLink href={step.href}>{step.says}</StrongLink>
          )}
          {step.says === 'Find patterns' ? null : <Link href={`/stash/${piece.id}/patterns`}>Find patterns</Link>}
          {step.do === 'burn' || data.material?.mayBurn === false ? null : (
            <QuietButton isDisabled={busy} onPress={burn}>
              {tests.length === 0 ? 'Start burn test' : 'Burn another sample'}
            </QuietButton>
          )}
          <Link href={`/identify?piece=${piece.id}`}>Identify it</Link>
          <Link href={`/identify/measure?piece=${piece.id}`}>Measure</Link>
          <Link href={`/stash/${piece.id}/sew`}>Sewing advice</Link>
          <Link href={`/stash/${piece.id}/edit`}>Edit</Link>
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Callout>
  )
}
