'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import styled from 'styled-components'
import { rectangle, type Point } from '@/core/shapes/polygon'
import { countNoun, formatPercent } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { PutAway } from '@/ui/kit/PutAway'
import { Actions, Columns, Folds, Page, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { beginTest } from '../../shared/burn/beginTest'
import { Damaged } from '../../shared/damaged/Damaged'
import { type DamagedCard } from '../../shared/damaged/load'
import { dropPiece } from '../actions'
import { KeyProperties } from './KeyProperties'
import { LengthBar } from './LengthBar'
import { afterThat, nextStepOf } from './nextStep'
import { type PieceData } from './types'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'
import { phrase, asWritten } from '@/core/text/text'

// Opened by few: loaded when it is.
const MaterialCard = dynamic(() =>
  import('../../shared/material/MaterialCard').then(({ MaterialCard: part }) => part),
)
const ShapeDrawing = dynamic(() => import('./shape/ShapeDrawing').then(({ ShapeDrawing: part }) => part))
const PropertyTable = dynamic(() => import('./PropertyTable').then(({ PropertyTable: part }) => part))
const WrittenDown = dynamic(() => import('./WrittenDown').then(({ WrittenDown: part }) => part))
const Photographs = dynamic(() => import('./Photographs').then(({ Photographs: part }) => part))
const RelatedPiecesPanel = dynamic(() => import('./Kin').then(({ RelatedPiecesPanel: part }) => part))
const HowItWears = dynamic(() => import('./HowItWears').then(({ HowItWears: part }) => part))
const PieceHistory = dynamic(() => import('./History').then(({ PieceHistory: part }) => part))
const MoreActions = dynamic(() => import('./MoreActions').then(({ MoreActions: part }) => part))
const GoodFor = dynamic(() => import('./GoodFor').then(({ GoodFor: part }) => part))
const ShapeOf = dynamic(() => import('./shape/ShapeOf').then(({ ShapeOf: part }) => part))

const Answer = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: clamp(1.25rem, 1rem + 1vw, 1.6rem);
  line-height: 1.3;
  max-width: 52ch;
`

const ThumbRow = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  img {
    display: block;
    width: 4rem;
    height: 3rem;
    object-fit: cover;
    border-radius: 3px;
  }
`

const Photo = styled.img`
  display: block;
  width: 100%;
  max-height: 22rem;
  object-fit: cover;
  border-radius: 3px;
`

/** One piece in one screen: its face, how much there is, what is known, what to do next. All else is folded. */
export function PiecePage({ damaged, ...data }: PieceData & { damaged: readonly DamagedCard[] }) {
  const { piece, tile, summary } = data
  return (
    <Page $gap="1rem">
      <div>
        <Link href="/stash">Stash</Link>
        <h1>{piece.name}</h1>
        <Answer>{summary}</Answer>
        <Soft>
          {piece.place || 'No location yet'}
          {data.kin.cutFrom ? (
            <>
              , cut from <Link href={`/stash/${data.kin.cutFrom.id}`}>{data.kin.cutFrom.name}</Link>
            </>
          ) : null}
        </Soft>
      </div>
      {data.keptBy.map(({ id, name }) => (
        <Callout key={id} $tone="warn">
          Reserved for <Link href={`/make/projects/${id}`}>{name}</Link>.
        </Callout>
      ))}
      <Damaged cards={damaged} />
      <Columns $first="1fr">
        <Stack $gap="0.9rem">
          <Face piece={piece} tile={tile} />
          <Thumbs piece={piece} />
          <LengthBar length={data.length} />
          {piece.outline || piece.flaws.length > 0 ? <ShapeDrawing piece={piece} /> : null}
        </Stack>
        <Stack $gap="0.9rem">
          <KeyProperties piece={piece} rows={data.rows} />
          <Next {...data} />
        </Stack>
      </Columns>
      <PieceFolds {...data} />
      <PutAway
        offer="Remove from stash (used up, given away …)"
        question={`Remove ${piece.name} from the stash, with its tests and weighings?`}
        decide="Remove"
        onDecided={() => dropPiece(piece.id)}
      />
    </Page>
  )
}

/** Everything else, each under what it holds and how much. */
function PieceFolds(data: PieceData) {
  const { piece, rows, foretelling, kin } = data
  const cutsWords = `${countNoun(kin.offcuts.length, 'offcut')}, ${countNoun(kin.cuts.length, 'cut')}`
  const known = rows.filter(({ how }) => how !== 'unknown').length
  return (
    <Folds>
      <WhenOpened summary={`All properties · ${known} of ${rows.length}`} id="all-properties">
        {() => (
          <Stack>
            <PropertyTable {...data} />
            {foretelling.checked > 0 ? (
              <Soft>
                We estimated the opacity correctly for {foretelling.right} of {foretelling.checked} fabrics that you
                checked. On average we gave {formatPercent(foretelling.meanProbability)} to the right answer.
              </Soft>
            ) : null}
          </Stack>
        )}
      </WhenOpened>
      {data.material ? (
        <WhenOpened summary={`Handling ${data.material.name}`}>
          {() => (data.material ? <MaterialCard told={data.material} /> : null)}
        </WhenOpened>
      ) : null}
      <WhenOpened summary="Details, source and notes">{() => <WrittenDown piece={piece} />}</WhenOpened>
      <WhenOpened summary={`Photos · ${piece.pictures.length}`} id="photos">
        {() => <Photographs piece={piece} />}
      </WhenOpened>
      <WhenOpened summary="More: dye, mend, combine, print a card">{() => <MoreActions piece={piece} />}</WhenOpened>
      <WhenOpened summary={`Offcuts, cuts and lot · ${cutsWords}`}>
        {() => <RelatedPiecesPanel {...data} />}
      </WhenOpened>
      <WhenOpened summary="Shape, stains, holes and worn places">{() => <ShapeOf piece={piece} />}</WhenOpened>
      <WhenOpened summary="Comfort in heat and cold">{() => <HowItWears comfort={data.comfort} />}</WhenOpened>
      {piece.thing === 'offcut' ? (
        <WhenOpened summary="Uses (binding, patches, pockets)">
          {() => <GoodFor outline={groundOf(piece)} name={piece.name} />}
        </WhenOpened>
      ) : null}
      <WhenOpened summary="History and undo">{() => <PieceHistory {...data} />}</WhenOpened>
    </Folds>
  )
}

/** The outline of an offcut, or the rectangle that it is. */
function groundOf({ outline, widthMm, lengthMm }: PieceData['piece']): readonly Point[] {
  return outline ? outline.points : rectangle(widthMm ?? 0, lengthMm ?? 0)
}

/** The photographs of a piece, small: a tap opens them. */
function Thumbs({ piece: { pictures, name } }: Pick<PieceData, 'piece'>) {
  if (pictures.length === 0) return null
  return (
    <ThumbRow>
      {pictures.map((picture, i) => (
        <a key={picture.name} href="#photos" aria-label={`Show photo ${i + 1} of ${name}`}>
          <img src={`/pictures/${picture.name}?small`} alt="" />
        </a>
      ))}
    </ThumbRow>
  )
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
          {piece.thing === 'cloth' || piece.thing === 'offcut' ? null : (
            <Link href={`/stash/${piece.id}/take-apart`}>Take apart</Link>
          )}
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Callout>
  )
}
