'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { formatLength } from '@/core/units/format'
import { boxOf } from '@/core/shapes/polygon'
import { ROLE_WORDS } from '@/core/vocabulary/choosing'
import { TURN_WORDS } from '@/core/vocabulary/laying'
import { QuietButton } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { PieceDrawing } from '@/ui/pattern/PieceDrawing'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PatternPieceData } from './load'
import { PatternPieceFields } from './PieceFields'

const Card = styled.article`
  display: grid;
  gap: 0.5rem;
  align-content: start;
  padding: 1rem;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 3px;
  h2 {
    font-size: 1.15rem;
    margin: 0;
    overflow-wrap: anywhere;
  }
`

/** One piece: its drawing, how often and how it is cut, and all of that to be changed. */
export function PieceCard({ piece }: { piece: PatternPieceData }) {
  const [isOpen, setOpen] = useState(false)
  const { units } = usePreferences()
  const { name, outline, onFold, role, size, isAbout } = piece
  const { minX, minY, maxX, maxY } = boxOf(outline)
  return (
    <Card aria-label={name}>
      <PieceDrawing {...piece} label={`Outline of ${name}`} />
      <h2>{name}</h2>
      <p>{cutWords(piece)}</p>
      <Soft>
        {formatLength((onFold ? 2 : 1) * (maxX - minX), units)} across, {formatLength(maxY - minY, units)} along.{' '}
        {TURN_WORDS[piece.turn]}.{role === 'main' ? '' : ` From the ${ROLE_WORDS[role].toLowerCase()}.`}
        {size ? ` Size ${size}.` : ''}
        {isAbout ? ' About.' : ''}
      </Soft>
      {isOpen ? (
        <PatternPieceFields piece={piece} onDone={() => setOpen(false)} />
      ) : (
        <Actions>
          <QuietButton onPress={() => setOpen(true)} aria-label={`Edit ${name}`}>
            Edit
          </QuietButton>
        </Actions>
      )}
    </Card>
  )
}

/** “Cut 2, a pair, on the fold.” */
function cutWords({ count, pair, onFold, bias, crosswise }: PatternPieceData): string {
  return [
    `Cut ${count}`,
    pair ? 'left and right' : '',
    onFold ? 'on the fold' : '',
    bias ? 'on the bias' : '',
    crosswise ? 'may lie crosswise' : '',
  ]
    .filter(Boolean)
    .join(', ')
}
