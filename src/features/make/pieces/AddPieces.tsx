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
    <section aria-label="Add pattern pieces">
      <h2>{isFirst ? 'Add pattern pieces' : 'Add more pieces'}</h2>
      <div role="status">
        {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
        {said ? <Callout $tone="good">{said}</Callout> : null}
      </div>
      <Columns>
        <FromFile isBusy={busy} onFile={(form) => keep(() => addFromFile(id, form))} />
        <FromMeasures kinds={kinds} isBusy={busy} onDraw={(input) => keep(() => addFromMeasures(id, input))} />
        <FromCorners isBusy={busy} onDraw={(input) => keep(() => addFromCorners(id, input))} />
      </Columns>
      <WhenOpened summary="From a photo of the paper piece">
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
            label="Name of the piece"
            value={name}
            onChange={setName}
            hint="Trace the cutting line, with seam allowances."
          />
          <Actions>
            <StrongButton
              onPress={() => onKeep({ name, corners, from: 'photograph' })}
              isDisabled={isBusy || name.trim() === ''}
            >
              Save outline
            </StrongButton>
          </Actions>
        </>
      )}
    </PhotoOutline>
  )
}

function keptWords({ kept, notRead }: KeptPatternPieces): string {
  const pieces = `${countNoun(kept, 'piece')} saved.`
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
        label="SVG test square"
        of="short"
        mm={squareMm}
        onMm={setSquare}
        hint="Only if the file’s scale is wrong: the side that it should have."
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
    <Paper aria-label="From measurements">
      <h3>From measurements</h3>
      <SelectField
        label="Shape"
        value={kindId}
        onChange={setKind}
        options={kinds.map(({ id, label, isAbout }) => [id, isAbout ? `${label} (approximate)` : label] as const)}
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
          Draw
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
        hint="One corner per line, across and along, going round: 0 0, then 30 0, then 30 45."
        error={text && corners === undefined ? 'Each line needs two numbers.' : undefined}
      />
      <Actions>
        <StrongButton
          onPress={() => onDraw({ name, corners: corners ?? [] })}
          isDisabled={isBusy || corners === undefined || corners.length < 3}
        >
          Save piece
        </StrongButton>
      </Actions>
    </Paper>
  )
}
