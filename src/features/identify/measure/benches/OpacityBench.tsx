'use client'

import { useState } from 'react'
import { inspectionById } from '@/core/cloths/inspection'
import { measuredOf } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import {
  opacityOverall,
  PRINT_PARTS,
  PRINT_PART_WORDS,
  type PooledOpacity,
  type PrintPart,
} from '@/core/notebook/measurements/opacity'
import { OPACITY_WORDS } from '@/core/notebook/measurements/words'
import { type Opacity } from '@/core/vocabulary/cloth'
import { ChoiceField } from '@/ui/kit/fields'
import { Lead, Callout, Soft } from '@/ui/kit/surfaces'
import { OpacityDrawing } from '@/ui/measuring/grades'
import { type QuestionAsked } from '../../../shared/question/Question'
import { Listing } from '../Listing'
import { foretoldWords } from '../words'
import { type BenchProps } from './common'
import { Graded } from './Graded'

const CARD_HELP: Record<Opacity, string> = {
  sheer: 'You can read it.',
  'semi-sheer': 'You see lettering, but can’t read it.',
  opaque: 'You see nothing, not even a shadow.',
}
const BEHIND = [
  ['card', 'a card with lettering'],
  ['hand', 'your hand'],
] as const
type Behind = (typeof BEHIND)[number][0]
/** Light parts of a print are drawn in this. */
const PALE = '#e9e3d2'

export function OpacityBench({ piece, readings, yarn }: BenchProps) {
  const [part, setPart] = useState<PrintPart>('whole')
  const [behind, setBehind] = useState<Behind>('card')
  return (
    <Graded
      question={questionOf(behind)}
      picture={(state) => (
        <OpacityDrawing
          grade={state as Opacity}
          behind={behind}
          yarn={part === 'light' ? { ...yarn, fill: PALE } : yarn}
        />
      )}
      above={
        <>
          <ChoiceField
            label="Part of the print"
            value={part}
            onChange={(value) => setPart(value as PrintPart)}
            options={PRINT_PARTS.map((id) => [id, PRINT_PART_WORDS[id]] as const)}
          />
          <ChoiceField
            label="Behind it"
            value={behind}
            onChange={(value) => setBehind(value as Behind)}
            options={BEHIND}
          />
        </>
      }
      kept={ofKind(readings.now, 'opacity')}
      readings={readings}
      onGrade={(state) => readings.add({ kind: 'opacity', part, behind, grade: state as Opacity })}
      comesTo={<ShowsThrough piece={piece} opacity={measuredOf(readings.now).opacity} />}
    />
  )
}

function questionOf(behind: Behind): QuestionAsked {
  const { question, hint, states } = inspectionById('opacity')
  if (behind === 'hand') return { id: 'opacity', question, hint, multi: false, states }
  return {
    id: 'opacity',
    question: 'Put lettering under one layer. What do you see?',
    hint,
    multi: false,
    states: states.map((state) => ({ ...state, help: CARD_HELP[state.id as Opacity] })),
  }
}

function ShowsThrough({ piece, opacity }: { piece: BenchProps['piece']; opacity: PooledOpacity }) {
  const overall = opacityOverall(opacity)
  const foretold = piece?.opacityForetold
  const checked = foretold?.likeliest === overall ? ' The estimate was right.' : ' The estimate was wrong.'
  return (
    <>
      {overall ? <Lead>Opacity: {OPACITY_WORDS[overall]}.</Lead> : null}
      {opacity.light && opacity.dark && opacity.light !== opacity.dark ? (
        <Callout>Light parts show more than dark ones: judge a garment by its light parts.</Callout>
      ) : null}
      {foretold ? (
        <Soft>
          {foretoldWords(foretold)}
          {overall ? checked : ''}
        </Soft>
      ) : null}
      {piece ? null : <Listing />}
    </>
  )
}
