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
        <Link href="/stash">The stash</Link>
        <h1>{piece.name}</h1>
        <Answer>{summary}</Answer>
      </div>
      {data.keptBy.map(({ id, name }) => (
        <Callout key={id} $tone="warn">
          Kept back for <Link href={`/projects/${id}`}>{name}</Link>.
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
            {rows.filter(({ how }) => how !== 'unknown').length} of {rows.length} properties are known or guessed;
            measured: {measured}.
          </Soft>
          {foretelling.checked > 0 ? (
            <Soft>
              What shows through was foretold rightly for {foretelling.right} of {foretelling.checked} pieces that
              were then held up; it gave {formatPercent(foretelling.meanProbability)} to what was seen, on the whole.
            </Soft>
          ) : null}
        </Stack>
      </Columns>
      <WhenOpened summary="How it wears, in the heat and in the cold (comfort)">
        {() => <HowItWears comfort={data.comfort} />}
      </WhenOpened>
      <WhenOpened summary="Its shape, and stains, holes or worn places">{() => <ShapeOf piece={piece} />}</WhenOpened>
      {piece.thing === 'offcut' ? (
        <WhenOpened summary="What it is good for (binding, patches, pockets)">
          {() => <GoodFor outline={groundOf(piece)} name={piece.name} />}
        </WhenOpened>
      ) : null}
      <WhenOpened summary="What was done to it, and undoing it">{() => <PieceHistory {...data} />}</WhenOpened>
      <PutAway
        offer="Used up or given away? Take it off the shelf"
        question={`Take ${piece.name} off the shelf, with its tests and weighings?`}
        decide="Take it off"
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
  const [first] = piece.pictures
  if (piece.face === 'picture' && first)
    return <Photo src={`/pictures/${first.name}`} alt={`${piece.name}, as photographed`} />
  const label = `${piece.name}, drawn from its weave and colours`
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
          <b>Next:</b> {step.why} {step.do === 'go' ? more : ''}
        </p>
        <Actions>
          {step.do === 'burn' ? (
            <StrongButton isDisabled={busy} onPress={burn}>
              {step.says}
            </StrongButton>
          ) : (
            <StrongLink href={step.href}>{step.says}</StrongLink>
          )}
          {step.says === 'Which pattern does it suit?' ? null : (
            <Link href={`/stash/${piece.id}/patterns`}>Which pattern does it suit?</Link>
          )}
          {step.do === 'burn' || data.material?.mayBurn === false ? null : (
            <QuietButton isDisabled={busy} onPress={burn}>
              {tests.length === 0 ? 'Burn a specimen of it' : 'Burn another specimen'}
            </QuietButton>
          )}
          <Link href={`/find-out?piece=${piece.id}`}>Find out more</Link>
          <Link href={`/measure?piece=${piece.id}`}>Measure it</Link>
          <Link href={`/stash/${piece.id}/sew`}>How to sew it</Link>
          <Link href={`/stash/${piece.id}/edit`}>Change what is written</Link>
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Callout>
  )
}
