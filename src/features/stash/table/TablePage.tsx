'use client'

import { counted } from '@/core/units/format'
import Link from 'next/link'
import { useState } from 'react'
import styled from 'styled-components'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { TextField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Page, Paper, PlainList, Slip, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useDoing } from '@/ui/kit/useDoing'
import { takeTable, type TableOutcome } from './actions'

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

const BLANK = 'name\tcalled\twidth (cm)\tlength (m)\tplace\n'

/** A box of twenty at once: pasted from a spreadsheet, typed line by line, or from a CSV file. */
export function TablePage({ fields }: Props) {
  const [text, setText] = useState(BLANK)
  const [read, setRead] = useState<TableOutcome>()
  const [leavesOut, setLeavesOut] = useState(false)
  const { busy, trouble, doing } = useDoing()
  const send = (table: string, columns: TableOutcome['columns'] | null, isTrial: boolean) =>
    doing(async () => {
      const form = new FormData()
      form.set('table', new Blob([table], { type: 'text/csv' }))
      const outcome = await takeTable(form, { columns, isTrial, leavesOut })
      setRead(outcome.ok ? outcome : undefined)
      if (outcome.ok && outcome.isKept) setText(BLANK)
      return outcome
    })
  const choose = async (file: File) => {
    const table = await file.text()
    setText(table)
    send(table, null, true)
  }
  return (
    <Page>
      <div>
        <h1>Many at once</h1>
        <Soft>
          Paste lines from a spreadsheet, type them, or choose a CSV file. Nothing is kept until you say so.
        </Soft>
      </div>
      <Paper aria-label="The table">
        <TextField
          label="The table, headings first"
          rows={8}
          value={text}
          onChange={(typed) => {
            setText(typed)
            setRead(undefined)
          }}
          hint="A line a piece; tabs, commas or semicolons between. Units stand in the heading, or with the number."
        />
        <Actions>
          <StrongButton isDisabled={busy} onPress={() => send(text, null, true)}>
            Look it over
          </StrongButton>
          <PickFile
            label="Choose a CSV file…"
            types={['.csv', '.tsv', '.txt']}
            onPick={(file) => void choose(file)}
          />
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Paper>
      {read?.isKept ? (
        <Slip $tone="good" role="status">
          Kept, {counted(read.pieces, 'piece')}. <Link href="/stash?sort=touched">Look at them</Link>
        </Slip>
      ) : read ? (
        <LookedOver
          read={read}
          fields={fields}
          leavesOut={leavesOut}
          onLeaveOut={setLeavesOut}
          isDisabled={busy}
          onSend={(columns, isTrial) => send(text, columns, isTrial)}
        />
      ) : null}
    </Page>
  )
}

/** What a table would give, what is wrong in it, and the button that keeps it. */
function LookedOver({
  read,
  fields,
  leavesOut,
  onLeaveOut,
  isDisabled,
  onSend,
}: Props & {
  read: TableOutcome
  leavesOut: boolean
  onLeaveOut: (leavesOut: boolean) => void
  isDisabled: boolean
  onSend: (columns: TableOutcome['columns'], isTrial: boolean) => void
}) {
  const count = `${counted(read.pieces, 'piece')}`
  const isHeldBack = read.pieces === 0 || (read.errors.length > 0 && !leavesOut)
  return (
    <Paper aria-labelledby="read">
      <h2 id="read">{count} can be read</h2>
      <ReadTable read={read} fields={fields} onColumns={(columns) => onSend(columns, true)} />
      {read.errors.length > 0 ? (
        <>
          <Errors read={read} />
          <CheckField isSelected={leavesOut} onChange={onLeaveOut}>
            Leave these lines out
          </CheckField>
        </>
      ) : null}
      <Actions>
        <Button isDisabled={isDisabled || isHeldBack} onPress={() => onSend(read.columns, false)}>
          Keep {count}
        </Button>
      </Actions>
    </Paper>
  )
}

function ReadTable({
  read: { headings, columns, preview },
  fields,
  onColumns,
}: {
  read: TableOutcome
  fields: Props['fields']
  onColumns: (columns: TableOutcome['columns']) => void
}) {
  return (
    <Grid tabIndex={0} role="region" aria-label="The first lines, and what each column holds">
      <table>
        <thead>
          <tr>
            {headings.map((heading, at) => (
              <th key={at} scope="col">
                <SelectField
                  label={heading || `Column ${at + 1}`}
                  value={columns[at] ?? ''}
                  onChange={(id) => onColumns(columns.map((one, i) => (i === at ? id || null : one)))}
                  options={[['', 'left out'], ...fields]}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {preview.map((line, index) => (
            <tr key={index}>
              {headings.map((_, at) => (
                <td key={at}>{line[at]}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Grid>
  )
}

function Errors({ read: { errors, moreErrors } }: { read: TableOutcome }) {
  return (
    <Slip $tone="warn" role="alert">
      <p>Something is wrong in these lines; nothing is kept with them.</p>
      <PlainList $gap="0.2rem">
        {errors.map(({ line, heading, message }) => (
          <li key={`${line} ${heading}`}>
            Line {line}, {heading}: {message}
          </li>
        ))}
      </PlainList>
      {moreErrors > 0 ? <p>and {moreErrors} more.</p> : null}
    </Slip>
  )
}
