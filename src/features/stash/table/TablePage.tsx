'use client'

import { type TableField } from '@/core/formats/csv/columns'
import { type TableFabric } from '@/core/formats/csv/read'
import { countNoun, formatLength, formatWidth, type UnitSystem } from '@/core/units/format'
import Link from 'next/link'
import { useRef, useState } from 'react'
import styled from 'styled-components'
import { StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Page, Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { AddWays } from '../AddWays'
import { importTable, type TableTaken } from './actions'
import { moneyText } from '@/core/units/money'
import { PRICE_PER_WORDS } from '@/core/vocabulary/stash'

const Grid = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 0.35rem 0.6rem;
    border-bottom: 1px solid var(--line);
    min-width: 8rem;
  }
`

interface Props {
  /** Fields that a column may hold. */
  fields: readonly (readonly [id: string, title: string])[]
}

type Columns = TableTaken['columns']

const BLANK = 'name\tcalled\twidth (cm)\tlength (m)\tplace\n'

/** A box of twenty at once: pasted from a spreadsheet, typed line by line, or from a CSV file. */
export function TablePage({ fields }: Props) {
  const [text, setText] = useState(BLANK)
  const [read, setRead] = useState<TableTaken>()
  const { busy, trouble, doing } = useAsyncAction()
  // Answers may overtake one another: only the last that was asked for counts.
  const asked = useRef(0)
  const send = (table: string, columns: Columns | null, isTrial: boolean) => {
    const mine = ++asked.current
    doing(async () => {
      const form = new FormData()
      form.set('table', new Blob([table], { type: 'text/csv' }))
      const outcome = await importTable(form, { columns, isTrial })
      if (mine !== asked.current) return { ok: true as const }
      setRead(outcome.ok ? outcome : undefined)
      if (outcome.ok && outcome.isKept) setText(BLANK)
      return outcome
    })
  }
  /** What was chosen stands at once, for the next choice to be made beside it. */
  const choose = (columns: Columns) => {
    setRead((before) => before && { ...before, columns })
    send(text, columns, true)
  }
  const open = async (file: File) => {
    const table = await file.text()
    setText(table)
    send(table, null, true)
  }
  return (
    <Page>
      <div>
        <h1>Add from a spreadsheet</h1>
        <Soft>
          Paste lines from a spreadsheet, type them, or choose a CSV file. Nothing is saved until you confirm.
        </Soft>
      </div>
      <AddWays here="/stash/spreadsheet" />
      <Paper aria-label="Your list">
        <TextField
          label="Your list, headings first"
          rows={8}
          value={text}
          onChange={(typed) => {
            setText(typed)
            setRead(undefined)
          }}
          hint="One fabric per line, with tabs, commas or semicolons between; units in the heading or after the number."
        />
        <Actions>
          <StrongButton isDisabled={busy} onPress={() => send(text, null, true)}>
            Check the list
          </StrongButton>
          <PickFile label="Choose a CSV file…" types={['.csv', '.tsv', '.txt']} onPick={(file) => void open(file)} />
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Paper>
      {read?.isKept ? (
        <Callout $tone="good" role="status">
          Saved: {countNoun(read.pieces, 'fabric')}. <Link href="/stash?sort=touched">Show them</Link>
        </Callout>
      ) : read ? (
        <LookedOver
          read={read}
          fields={fields}
          isDisabled={busy}
          onChoose={choose}
          onKeep={() => send(text, read.columns, false)}
        />
      ) : null}
    </Page>
  )
}

interface LookedOverProps extends Props {
  read: TableTaken
  isDisabled: boolean
  onChoose: (columns: Columns) => void
  onKeep: () => void
}

/** What a table would give, what is left open in it, and the button that keeps it. */
function LookedOver({ read, fields, isDisabled, onChoose, onKeep }: LookedOverProps) {
  const count = countNoun(read.pieces, 'fabric')
  return (
    <Paper aria-labelledby="read">
      <h2 id="read">{count} can be read</h2>
      <ReadTable read={read} fields={fields} onColumns={onChoose} />
      {read.doubts.length > 0 ? <Doubts read={read} /> : null}
      {read.refused.length > 0 ? (
        <Soft>Left out: {read.refused.map(({ line, why }) => `line ${line} (${why})`).join(', ')}.</Soft>
      ) : null}
      <Actions>
        <StrongButton isDisabled={isDisabled} onPress={onKeep}>
          Save {count}
        </StrongButton>
      </Actions>
    </Paper>
  )
}

function ReadTable({ read, fields, onColumns }: Props & { read: TableTaken; onColumns: (columns: Columns) => void }) {
  const { headings, columns, preview } = read
  const { units } = usePreferences()
  return (
    <Grid tabIndex={0} role="region" aria-label="First lines and the meaning of each column">
      <table>
        <thead>
          <tr>
            {headings.map((heading, at) => (
              <th key={at} scope="col">
                <SelectField
                  label={heading || `Column ${at + 1}`}
                  value={columns[at] ?? ''}
                  onChange={(id) =>
                    onColumns(columns.map((one, i) => (i === at ? ((id || null) as TableField | null) : one)))
                  }
                  options={[['', 'left out'], ...fields]}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {preview.map(({ line, fabric, doubts }) => (
            <tr key={line}>
              {headings.map((heading, at) => {
                const doubt = doubts.find(({ column }) => column === heading)
                return <td key={at}>{doubt ? `? “${doubt.text}”` : shown(fabric, columns[at] ?? null, units)}</td>
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </Grid>
  )
}

/** A field of a fabric as it was understood. */
function shown(fabric: TableFabric, field: TableField | null, units: UnitSystem): string {
  if (field === null) return ''
  const { widthMm, lengthMm, gsm, fibres, price, washed, tags } = fabric
  if (field === 'width') return widthMm === undefined ? '' : formatWidth(widthMm, units)
  if (field === 'length') return lengthMm === undefined ? '' : formatLength(lengthMm, units)
  if (field === 'weight') return gsm === undefined ? '' : `${gsm} g/m²`
  if (field === 'fibres') return fibres?.map(({ fibre, percent }) => `${percent} % ${fibre}`).join(', ') ?? ''
  if (field === 'price')
    return price ? `${moneyText(price.amount, price.currency)} ${PRICE_PER_WORDS[price.per]}` : ''
  if (field === 'currency' || field === 'per') return price?.[field] ?? ''
  if (field === 'washed') return washed === undefined ? '' : washed ? 'yes' : 'no'
  if (field === 'tags') return tags?.join(', ') ?? ''
  return fabric[field] ?? ''
}

function Doubts({ read: { doubts, moreDoubts } }: { read: TableTaken }) {
  return (
    <Callout $tone="warn" role="status">
      <p>We leave these cells empty; their text goes into the notes.</p>
      <PlainList $gap="0.2rem">
        {doubts.map(({ line, column, text, why }) => (
          <li key={`${line} ${column}`}>
            Line {line}, {column}: “{text}”: {why}
          </li>
        ))}
      </PlainList>
      {moreDoubts > 0 ? <p>and {moreDoubts} more.</p> : null}
    </Callout>
  )
}
