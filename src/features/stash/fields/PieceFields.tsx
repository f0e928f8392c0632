'use client'

import { lazy, Suspense, type ReactNode } from 'react'
import styled from 'styled-components'
import { type Piece } from '@/core/notebook/kinds/piece'
import {
  BODIES,
  COLOURINGS,
  CONSTRUCTION_WORDS,
  CONSTRUCTIONS,
  OPACITIES,
  WASH_STATE_WORDS,
  type Colouring,
  type Interlacing,
} from '@/core/vocabulary/cloth'
import { BORDER_SIDES, BORDER_WORDS, type BorderSide } from '@/core/vocabulary/laying'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { ColourField } from '@/ui/kit/ColourField'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Fields, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { ClaimRows } from '../../shared/claim/ClaimRows'
import { fieldUnits, fromField, toField } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { useWeave } from '../useWeave'
import { FormPart } from './FormPart'
import { ThingFields } from './ThingFields'
import { type PartProps } from './partProps'

// Below what is seen first: fetched after it.
const CareFields = lazy(() => import('./CareFields'))
const MoneyFields = lazy(() => import('./MoneyFields'))

const TopFields = styled(Fields)`
  align-items: start;
`

interface Props extends Pick<PartProps, 'piece' | 'error'> {
  /** The weave of the piece as it was. */
  weave: Interlacing
  onChange: (piece: Piece) => void
  /** Where it is new only the first part is open, with what stands below that. */
  isNew?: boolean
  below?: ReactNode
}

/** What a person writes down of a piece. */
export function PieceFields({ piece, weave, onChange, error, isNew = false, below }: Props) {
  const set = (change: Partial<Piece>) => onChange({ ...piece, ...change })
  return (
    <>
      <WhichFields piece={piece} set={set} error={error} />
      {below}
      <MadeFields piece={piece} set={set} error={error} isFolded={isNew} />
      <Suspense>
        <MoneyFields piece={piece} set={set} error={error} isFolded={isNew} />
      </Suspense>
      <LooksFields piece={piece} weave={weave} set={set} error={error} isFolded={isNew} />
    </>
  )
}

function WhichFields({ piece, set, error }: PartProps) {
  const { short, long } = fieldUnits(usePreferences().units)
  return (
    <Paper aria-labelledby="which">
      <h2 id="which">Basics</h2>
      <TopFields>
        <TextField
          label="Name"
          hint="A name that you recognise: “green lobby curtain”."
          value={piece.name}
          onChange={(name) => set({ name })}
          error={error('name')}
          isRequired
        />
        <TextField
          label="Fabric type"
          hint="If you know it: lawn, denim, jersey… UK or US words."
          value={piece.called}
          onChange={(called) => set({ called })}
          error={error('called')}
        />
        <TextField
          label="Location"
          hint="Shelf, box, drawer."
          value={piece.place}
          onChange={(place) => set({ place })}
          error={error('place')}
        />
        <TextField
          label="Source"
          value={piece.source}
          onChange={(source) => set({ source })}
          error={error('source')}
        />
      </TopFields>
      <TopFields>
        <NumberField
          label="Width, edge to edge"
          kind="width"
          unit={short.symbol}
          minValue={0}
          value={toField(piece.widthMm, short)}
          onChange={(value) => set({ widthMm: fromField(value, short) })}
          error={error('widthMm')}
        />
        <NumberField
          label="Length"
          kind="length"
          unit={long.symbol}
          minValue={0}
          value={toField(piece.lengthMm, long)}
          onChange={(value) => set({ lengthMm: fromField(value, long) })}
          error={error('lengthMm')}
        />
        <NumberField
          label="Stretch across the width"
          unit="%"
          minValue={0}
          hint="Mark 10 cm or 4 in, pull firmly, read."
          value={piece.stretchWidthPercent ?? NaN}
          onChange={(value) => set({ stretchWidthPercent: Number.isFinite(value) ? value : null })}
          error={error('stretchWidthPercent')}
        />
      </TopFields>
      <ThingFields piece={piece} set={set} error={error} />
      <ChoiceField
        label="Washed since you got it?"
        value={piece.washed}
        onChange={(washed) => set({ washed: washed as Piece['washed'] })}
        options={WASHED}
      />
      <LabelFields piece={piece} set={set} error={error} />
    </Paper>
  )
}

/** What its sewn-in label says: fibre by fibre, and how it is cared for. */
function LabelFields({ piece, set, error }: PartProps) {
  return (
    <Stack role="group" aria-label="Label">
      <h3>Label</h3>
      <ClaimRows claim={piece.claim} onChange={(claim) => set({ claim })} />
      <WhenOpened
        summary={`What the care label says${piece.care.length > 0 ? ` (${piece.care.length} entered)` : ''}`}
      >
        {() => (
          <Suspense>
            <CareFields piece={piece} set={set} error={error} />
          </Suspense>
        )}
      </WhenOpened>
    </Stack>
  )
}

/** The commonest first. */
const WASHED = (['washed', 'washed-twice', 'unwashed', 'unknown'] as const).map(
  (state) => [state, state === 'washed' ? 'washed' : WASH_STATE_WORDS[state]] as const,
)

const unsaid = (words: readonly string[]) =>
  [['', 'not known'], ...words.map((word) => [word, word])] as [string, string][]

function MadeFields({ piece, set, isFolded }: PartProps) {
  return (
    <FormPart title="Weave and drape" isFolded={isFolded}>
      <Soft>Leave empty what you don’t know: we estimate it from the name.</Soft>
      <ChoiceField
        label="Woven or knit"
        value={piece.construction ?? ''}
        onChange={(value) => set({ construction: (value || null) as Piece['construction'] })}
        options={[['', 'not known'], ...CONSTRUCTIONS.map((one): [string, string] => [one, CONSTRUCTION_WORDS[one]])]}
      />
      <ChoiceField
        label="Drape (how it falls)"
        hint="Hold one corner: does it pour, fall softly, or stand away?"
        value={piece.body ?? ''}
        onChange={(value) => set({ body: (value || null) as Piece['body'] })}
        options={unsaid(BODIES)}
      />
      <ChoiceField
        label="Opacity (a hand behind one layer)"
        value={piece.opacity ?? ''}
        onChange={(value) => set({ opacity: (value || null) as Piece['opacity'] })}
        options={unsaid(OPACITIES)}
      />
    </FormPart>
  )
}

/** A border of 25 cm, where nobody measured it. */
const USUAL_REACH_MM = 250

const SIDES = [['', 'none'], ...BORDER_SIDES.map((side) => [side, BORDER_WORDS[side].toLowerCase()])] as [
  string,
  string,
][]

/** A border print, for the lay: feet are cut along it. */
function BorderOf({ piece: { border }, set, error }: PartProps) {
  const { short } = fieldUnits(usePreferences().units)
  return (
    <Fields>
      <ChoiceField
        label="Border along the edge"
        value={border?.side ?? ''}
        onChange={(side) =>
          set({ border: side ? { side: side as BorderSide, reachMm: border?.reachMm ?? USUAL_REACH_MM } : null })
        }
        options={SIDES}
      />
      {border ? (
        <NumberField
          label="Depth"
          unit={short.symbol}
          minValue={0}
          value={toField(border.reachMm, short)}
          onChange={(value) => set({ border: { ...border, reachMm: fromField(value, short) ?? border.reachMm } })}
          error={error('border.reachMm')}
        />
      ) : null}
    </Fields>
  )
}

/** A second colour where none was chosen yet. */
const INK = '#2a2119'

function LooksFields({ piece, weave: before, set, error, isFolded }: PartProps & Pick<Props, 'weave'>) {
  const { look } = piece
  const weave = useWeave(piece, before)
  const setLook = (change: Partial<Piece['look']>) => set({ look: { ...look, ...change } })
  return (
    <FormPart title="Appearance and notes" isFolded={isFolded}>
      <Fields>
        <ClothSwatch tile={drawnAs(weave, look)} label="This fabric, drawn from your entries" height="9rem" />
        <Stack $gap="0.75rem">
          <Fields>
            <ColourField label="Lengthwise yarns" value={look.warp} onChange={(warp) => setLook({ warp })} />
            <ColourField label="Crosswise yarns" value={look.weft} onChange={(weft) => setLook({ weft })} />
            {look.colouring === 'plain' ? null : (
              <ColourField
                label="Second colour"
                value={look.accent ?? INK}
                onChange={(accent) => setLook({ accent })}
              />
            )}
          </Fields>
          <ChoiceField
            label="Pattern"
            value={look.colouring}
            onChange={(value) => {
              const colouring = value as Colouring
              setLook({ colouring, accent: colouring === 'plain' ? null : (look.accent ?? INK) })
            }}
            options={COLOURINGS.map((word) => [word, word])}
          />
          <BorderOf piece={piece} set={set} error={error} />
        </Stack>
      </Fields>
      <TextField
        label="Notes"
        rows={3}
        value={piece.notes}
        onChange={(notes) => set({ notes })}
        error={error('notes')}
      />
    </FormPart>
  )
}
