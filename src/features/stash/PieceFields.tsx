'use client'

import styled from 'styled-components'
import { BODIES, CONSTRUCTIONS, OPACITIES, COLOURINGS } from '@/core/vocabulary/cloth'
import { type Piece } from '@/core/notebook/records'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { tileOf } from '@/ui/cloth/spec'
import { ChoiceField, NumberField, TextField } from '@/ui/controls/fields'
import { Paper, Soft } from '@/ui/controls/surfaces'
import { ClaimRows } from '../fibres/ClaimRows'
import { fieldUnits, fromField, toField } from '../settings/measures'
import { usePreferences } from '../settings/PreferencesContext'

const Grid = styled.div`
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
`
const Colour = styled.label`
  display: grid;
  gap: 0.25rem;
  font-weight: 600;
  input {
    width: 100%;
    height: 2.75rem;
    padding: 2px;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper);
    cursor: pointer;
  }
`

interface Props {
  piece: Piece
  onChange: (piece: Piece) => void
  errors: Record<string, string>
}

const unsaid = (words: readonly string[]) =>
  [['', 'not known'], ...words.map((word) => [word, word])] as [string, string][]

/** What a person writes down of a piece. */
export function PieceFields({ piece, onChange, errors }: Props) {
  const { units } = usePreferences()
  const { short, long } = fieldUnits(units)
  const set = (change: Partial<Piece>) => onChange({ ...piece, ...change })
  const error = (key: string) => errors[`piece.${key}`]
  return (
    <>
      <Paper aria-labelledby="which">
        <h2 id="which">Which piece is it?</h2>
        <Grid>
          <TextField
            label="Name"
            hint="What you will know it by: “green lobby curtain”."
            value={piece.name}
            onChange={(name) => set({ name })}
            error={error('name')}
            isRequired
          />
          <TextField
            label="What is it called?"
            hint="If you know: lawn, denim, jersey… UK or US words."
            value={piece.called}
            onChange={(called) => set({ called })}
            error={error('called')}
          />
          <TextField
            label="Where it lies"
            hint="Shelf, box, drawer."
            value={piece.place}
            onChange={(place) => set({ place })}
            error={error('place')}
          />
          <TextField
            label="Where it came from"
            value={piece.source}
            onChange={(source) => set({ source })}
            error={error('source')}
          />
        </Grid>
        <Grid>
          <NumberField
            label="Width, edge to edge"
            unit={short.symbol}
            minValue={0}
            value={toField(piece.widthMm, short)}
            onChange={(value) => set({ widthMm: fromField(value, short) })}
            error={error('widthMm')}
          />
          <NumberField
            label="Length"
            unit={long.symbol}
            minValue={0}
            value={toField(piece.lengthMm, long)}
            onChange={(value) => set({ lengthMm: fromField(value, long) })}
            error={error('lengthMm')}
          />
          <NumberField
            label="Stretch across"
            unit="%"
            minValue={0}
            hint="Mark 10 cm or 4 in, pull firmly, read."
            value={piece.stretchWidthPercent ?? NaN}
            onChange={(value) => set({ stretchWidthPercent: Number.isFinite(value) ? value : null })}
            error={error('stretchWidthPercent')}
          />
        </Grid>
        <ChoiceField
          label="Washed since it came?"
          value={piece.washed}
          onChange={(washed) => set({ washed: washed as Piece['washed'] })}
          options={[
            ['washed', 'washed'],
            ['unwashed', 'not washed'],
            ['unknown', 'not known'],
          ]}
        />
      </Paper>
      <Paper aria-labelledby="how-made">
        <h2 id="how-made">How it is made and falls</h2>
        <Soft>Leave open what you do not know: it is guessed from its name, with doubt.</Soft>
        <ChoiceField
          label="Made"
          value={piece.construction ?? ''}
          onChange={(value) => set({ construction: (value || null) as Piece['construction'] })}
          options={unsaid(CONSTRUCTIONS)}
        />
        <ChoiceField
          label="How it falls"
          hint="Held by one corner: does it pour, fall softly, or stand away?"
          value={piece.body ?? ''}
          onChange={(value) => set({ body: (value || null) as Piece['body'] })}
          options={unsaid(BODIES)}
        />
        <ChoiceField
          label="A hand behind one layer"
          value={piece.opacity ?? ''}
          onChange={(value) => set({ opacity: (value || null) as Piece['opacity'] })}
          options={unsaid(OPACITIES)}
        />
        <h3>What the label says</h3>
        <ClaimRows claim={piece.claim} onChange={(claim) => set({ claim })} />
      </Paper>
      <Paper aria-labelledby="looks">
        <h2 id="looks">What it looks like</h2>
        <Grid>
          <ClothSwatch tile={tileOf(piece)} label="This cloth, as drawn from what you say" height="9rem" />
          <div style={{ display: 'grid', gap: '0.75rem', alignContent: 'start' }}>
            <Grid>
              <Colour>
                Lengthwise yarns
                <input
                  type="color"
                  value={piece.look.warp}
                  onChange={(event) => set({ look: { ...piece.look, warp: event.target.value } })}
                />
              </Colour>
              <Colour>
                Crosswise yarns
                <input
                  type="color"
                  value={piece.look.weft}
                  onChange={(event) => set({ look: { ...piece.look, weft: event.target.value } })}
                />
              </Colour>
              {piece.look.colouring === 'plain' ? null : (
                <Colour>
                  Second colour
                  <input
                    type="color"
                    value={piece.look.accent ?? '#2a2119'}
                    onChange={(event) => set({ look: { ...piece.look, accent: event.target.value } })}
                  />
                </Colour>
              )}
            </Grid>
            <ChoiceField
              label="Pattern"
              value={piece.look.colouring}
              onChange={(value) => set({ look: withColouring(piece.look, value as (typeof COLOURINGS)[number]) })}
              options={COLOURINGS.map((word) => [word, word])}
            />
          </div>
        </Grid>
        <TextField
          label="Notes"
          rows={3}
          value={piece.notes}
          onChange={(notes) => set({ notes })}
          error={error('notes')}
        />
      </Paper>
    </>
  )
}

function withColouring(look: Piece['look'], colouring: (typeof COLOURINGS)[number]): Piece['look'] {
  return { ...look, colouring, accent: colouring === 'plain' ? null : (look.accent ?? '#2a2119') }
}
