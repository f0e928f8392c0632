'use client'

import { countNoun } from '@/core/units/format'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { PickFile } from '@/ui/kit/PickFile'
import { StrongButton } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { TextField } from '@/ui/kit/fields'
import { Actions, Columns, Fields, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { LengthField } from '../../shared/settings/LengthField'
import { type Answered } from '../../shared/action'
import { addFromCorners, addFromFile, addFromMeasures, type KeptPatternPieces } from './actions'
import { ASKED_UNITS } from '@/core/outlines/types'
import { cornersOf } from './cornersOf'
import { type PiecesData } from './load'
import { itemAt, mustHave } from '@/core/lists/items'

// Opened by few: loaded when it is.
const PhotoOutline = dynamic(() => import('../../shared/cutOut/PhotoOutline').then(({ PhotoOutline: part }) => part))

const TYPES = ['.dxf', '.svg', 'image/svg+xml', 'image/vnd.dxf']
/** Usual seam allowance, mm: common practice. */
const ALLOWANCE = 15

interface Props {
  id: string
  kinds: PiecesData['kinds']
  isFirst: boolean
}

/** Ways of bringing outlines in: from a file, from measures, corner by corner. */
export function AddPieces({ id, kinds, isFirst }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  const [said, setSaid] = useState('')
  const keep = (work: () => Promise<Answered<KeptPatternPieces>>) =>
    doing(async () => {
      const outcome = await work()
      setSaid(outcome.ok ? keptWords(outcome) : '')
      return outcome
    })
  return (
    <section aria-label="Bring pieces in">
      <h2>{isFirst ? 'Bring its pieces in' : 'More pieces'}</h2>
      <div role="status">
        {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
        {said ? <Callout $tone="good">{said}</Callout> : null}
      </div>
      <Columns>
        <FromFile isBusy={busy} onFile={(form) => keep(() => addFromFile(id, form))} />
        <FromMeasures kinds={kinds} isBusy={busy} onDraw={(input) => keep(() => addFromMeasures(id, input))} />
        <FromCorners isBusy={busy} onDraw={(input) => keep(() => addFromCorners(id, input))} />
      </Columns>
      <WhenOpened summary="From a photograph of the paper piece">
        {() => <FromPhotograph isBusy={busy} onKeep={(input) => keep(() => addFromCorners(id, input))} />}
      </WhenOpened>
    </section>
  )
}

type Corners = (readonly [number, number])[]

function FromPhotograph({
  isBusy,
  onKeep,
}: {
  isBusy: boolean
  onKeep: (input: { name: string; corners: Corners; from: 'photograph' }) => void
}) {
  const [name, setName] = useState('')
  return (
    <PhotoOutline>
      {(corners) => (
        <>
          <TextField
            label="What the piece is called"
            value={name}
            onChange={setName}
            hint="Its outline is what is cut: with the seam allowances on."
          />
          <Actions>
            <StrongButton
              onPress={() => onKeep({ name, corners, from: 'photograph' })}
              isDisabled={isBusy || name.trim() === ''}
            >
              Keep this outline
            </StrongButton>
          </Actions>
        </>
      )}
    </PhotoOutline>
  )
}

function keptWords({ kept, notRead }: KeptPatternPieces): string {
  const pieces = `${countNoun(kept, 'piece')} kept.`
  return notRead.length > 0 ? `${pieces} Not understood: ${notRead.join('; ')}.` : pieces
}

function FromFile({ isBusy, onFile }: { isBusy: boolean; onFile: (form: FormData) => void }) {
  const [squareMm, setSquare] = useState<number | null>(null)
  const [unit, setUnit] = useState<(typeof ASKED_UNITS)[number] | ''>('')
  const send = (file: File) => {
    const form = new FormData()
    form.set('file', file)
    if (squareMm) form.set('squareMm', String(squareMm))
    if (unit) form.set('unit', unit)
    onFile(form)
  }
  return (
    <Paper aria-label="From a file">
      <h3>From a file</h3>
      <Soft>A DXF or SVG drawing from any program. Closed lines become pieces.</Soft>
      <SelectField
        label="Unit of the drawing"
        value={unit}
        onChange={setUnit}
        options={[['', 'As the file says'] as const, ...ASKED_UNITS.map((one) => [one, one] as const)]}
      />
      <LengthField
        label="Test square in an SVG"
        of="short"
        mm={squareMm}
        onMm={setSquare}
        hint="Only where the file’s own scale is wrong: its side as it should be."
      />
      <Actions>
        <PickFile strong label="Choose a file…" types={TYPES} onPick={send} isDisabled={isBusy} />
      </Actions>
    </Paper>
  )
}

interface MeasuresProps {
  kinds: PiecesData['kinds']
  isBusy: boolean
  onDraw: (input: { kind: string; mm: Record<string, number>; allowance: number }) => void
}

function FromMeasures({ kinds, isBusy, onDraw }: MeasuresProps) {
  const [kindId, setKind] = useState(itemAt(kinds, 0).id)
  const [given, setGiven] = useState<Record<string, number>>({})
  const [allowance, setAllowance] = useState(ALLOWANCE)
  const kind = mustHave(kinds.find(({ id }) => id === kindId))
  const valueOf = (id: string, usualMm: number) => given[`${kindId} ${id}`] ?? usualMm
  const draw = () => {
    const mm = Object.fromEntries(kind.measures.map(({ id, usualMm }) => [id, valueOf(id, usualMm)]))
    onDraw({ kind: kindId, mm, allowance })
  }
  return (
    <Paper aria-label="From measures">
      <h3>From measures</h3>
      <SelectField
        label="Shape"
        value={kindId}
        onChange={setKind}
        options={kinds.map(({ id, label, isAbout }) => [id, isAbout ? `${label} (about)` : label] as const)}
      />
      <Fields>
        {kind.measures.map(({ id, label, usualMm }) => (
          <LengthField
            key={`${kindId} ${id}`}
            label={label}
            of="short"
            mm={valueOf(id, usualMm)}
            leastMm={10}
            mostMm={10_000}
            onMm={(mm) => setGiven((before) => ({ ...before, [`${kindId} ${id}`]: mm ?? usualMm }))}
          />
        ))}
        <LengthField
          label="Seam allowance"
          of="fine"
          mm={allowance}
          mostMm={100}
          onMm={(mm) => setAllowance(mm ?? 0)}
        />
      </Fields>
      <Actions>
        <StrongButton onPress={draw} isDisabled={isBusy}>
          Draw it
        </StrongButton>
      </Actions>
    </Paper>
  )
}

function FromCorners({
  isBusy,
  onDraw,
}: {
  isBusy: boolean
  onDraw: (input: { name: string; corners: Corners }) => void
}) {
  const [name, setName] = useState('')
  const [text, setText] = useState('')
  const corners = cornersOf(text)
  return (
    <Paper aria-label="Corner by corner">
      <h3>Corner by corner</h3>
      <TextField label="Name of the piece" value={name} onChange={setName} />
      <TextField
        label="Corners, in cm"
        rows={5}
        value={text}
        onChange={setText}
        hint="One a line, across and along, going round: 0 0, then 30 0, then 30 45."
        error={text && corners === undefined ? 'Each line has two numbers.' : undefined}
      />
      <Actions>
        <StrongButton
          onPress={() => onDraw({ name, corners: corners ?? [] })}
          isDisabled={isBusy || corners === undefined || corners.length < 3}
        >
          Keep the piece
        </StrongButton>
      </Actions>
    </Paper>
  )
}
