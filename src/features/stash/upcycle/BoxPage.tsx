'use client'

import Link from 'next/link'
import { EmptyState } from '@/ui/empty/EmptyState'
import { useState } from 'react'
import styled from 'styled-components'
import { SMALL } from '../../shared/smallScreen'
import { capitalise, countNoun, formatSize } from '@/core/units/format'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type NotionKind } from '@/core/vocabulary/upcycling'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { LoneLink } from '@/ui/kit/links'
import { MoreLines } from '../../shared/MoreLines'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Lead, Page, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useNewId } from '../../shared/form/useNewId'
import { LengthField } from '../../shared/settings/LengthField'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { countNotion, dropFromBox, keepNotion, keepYarn } from './boxActions'
import { type BoxData } from './loadBox'
import { NOTIONS_SHOWN } from './notionsShown'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Line = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.2rem 0.75rem;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
  ${SMALL} {
    grid-template-columns: minmax(0, 1fr);
  }
`

/** What was kept of garments, and bought: buttons, zips, elastic, and the yarn. */
export function BoxPage({ kinds, kind, shelves, total, yarns, fibres }: BoxData) {
  const words = new Map(kinds)
  return (
    <Page>
      <div>
        <h1>Notions and yarn</h1>
        <Lead>{leadOf(total)}</Lead>
      </div>
      <Columns $first="1.6fr">
        <Paper aria-labelledby="box">
          <h2 id="box">Notions</h2>
          {kind === undefined ? null : <LoneLink href="/stash/notions">All kinds of notions</LoneLink>}
          {shelves.map((shelf) => (
            <section key={shelf.kind} aria-label={words.get(shelf.kind)}>
              <h3>{capitalise(mustHave(words.get(shelf.kind)))}</h3>
              {shelf.notions.map((one) => (
                <NotionLine key={one.id} notion={one} />
              ))}
              {kind === undefined && shelf.of > shelf.notions.length ? (
                <LoneLink href={`/stash/notions?kind=${shelf.kind}`} prefetch={false}>
                  Show all {shelf.of}
                  <span className="visually-hidden">: {words.get(shelf.kind)}</span>
                </LoneLink>
              ) : (
                <MoreLines says="Show more" shown={shelf.notions.length} of={shelf.of} step={NOTIONS_SHOWN} />
              )}
            </section>
          ))}
          {shelves.length === 0 ? (
            <EmptyState
              drawing="notions"
              text="Buttons, zips and trimmings lie here by kind, and project lists show which of them you can use."
            />
          ) : null}
        </Paper>
        <NewNotion kinds={kinds} />
      </Columns>
      <Columns $first="1.6fr">
        <Paper aria-labelledby="yarn">
          <h2 id="yarn">Yarn</h2>
          {yarns.length === 0 ? (
            <Soft>
              <Say>None yet. A jumper with linked seams may give some.</Say>
            </Soft>
          ) : null}
          <PlainList>
            {yarns.map(({ id, name, says, place, fromPieceId }) => (
              <li key={id}>
                <b>{name}</b>: {says}
                {place ? `, ${place}` : ''}.{' '}
                {fromPieceId ? <Link href={`/stash/${fromPieceId}`}>Where it is from</Link> : null}{' '}
                <Drop kind="yarn" id={id} name={name} />
              </li>
            ))}
          </PlainList>
        </Paper>
        <NewYarn fibres={fibres} />
      </Columns>
    </Page>
  )
}

function leadOf({ things, kinds }: BoxData['total']): string {
  if (things === 0) return 'You have no notions yet. What you keep from a garment that you take apart appears here.'
  const many = `${countNoun(things, 'thing')} of ${countNoun(kinds, 'kind')}`
  return `${many}; project lists show which of them you can use.`
}

function NotionLine({ notion }: { notion: BoxData['shelves'][number]['notions'][number] }) {
  const { busy, trouble, doing } = useAsyncAction()
  const { id, name, count, sizeMm, place, fromPieceId } = notion
  const { units } = usePreferences()
  const size = sizeMm === null ? '' : `, ${formatSize(sizeMm, units)}`
  return (
    <Line>
      <span>
        <b>{count} ×</b> {name}
        {size}
        {place ? <Soft as="span"> ({place})</Soft> : null}{' '}
        {fromPieceId ? <Link href={`/stash/${fromPieceId}`}>Where it is from</Link> : null}
      </span>
      <span>
        <Button
          isDisabled={busy || count === 0}
          aria-label={`Use one ${name}`}
          onPress={() => doing(() => countNotion(id, count - 1))}
        >
          − 1
        </Button>{' '}
        <Button
          isDisabled={busy}
          aria-label={`Add one ${name}`}
          onPress={() => doing(() => countNotion(id, count + 1))}
        >
          + 1
        </Button>{' '}
        <Drop kind="notion" id={id} name={name} />
      </span>
      <Trouble>{trouble}</Trouble>
    </Line>
  )
}

function Drop({ kind, id, name }: { kind: 'notion' | 'yarn'; id: string; name: string }) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <>
      <QuietButton isDisabled={busy} aria-label={`Delete ${name}`} onPress={() => doing(() => dropFromBox(kind, id))}>
        Delete
      </QuietButton>
      <Trouble>{trouble}</Trouble>
    </>
  )
}

function NewNotion({ kinds }: Pick<BoxData, 'kinds'>) {
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId()
  const [kind, setKind] = useState<NotionKind>('buttons')
  const [name, setName] = useState('')
  const [count, setCount] = useState(1)
  const [sizeMm, setSize] = useState<number | null>(null)
  const [place, setPlace] = useState('')
  const keep = () =>
    doing(async () => {
      const outcome = await keepNotion({ kind, name, count, sizeMm, place }, await newId.take())
      if (!outcome.ok) return outcome
      newId.spend()
      setName('')
      return outcome
    })
  return (
    <Paper aria-labelledby="new-notion">
      <h2 id="new-notion">Add a notion</h2>
      <SelectField label="Kind" value={kind} onChange={setKind} options={kinds} />
      <TextField label="Name" value={name} onChange={setName} />
      <Fields>
        <NumberField
          label="Number"
          value={count}
          minValue={1}
          maxValue={10_000}
          onChange={(many) => (Number.isNaN(many) ? undefined : setCount(Math.round(many)))}
        />
        <LengthField label="Width or length" of="fine" mm={sizeMm} onMm={setSize} />
      </Fields>
      <TextField label="Location" value={place} onChange={setPlace} />
      <Actions>
        <StrongButton isDisabled={busy || name.trim() === ''} onPress={keep}>
          Add notion
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function NewYarn({ fibres }: Pick<BoxData, 'fibres'>) {
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId()
  const [name, setName] = useState('')
  const [fibre, setFibre] = useState<FibreId | ''>('')
  const [grams, setGrams] = useState(100)
  const [wraps, setWraps] = useState<number | null>(null)
  const keep = () =>
    doing(async () => {
      const outcome = await keepYarn(
        { name, fibres: fibre ? [fibre] : [], grams, wrapsPerInch: wraps },
        await newId.take(),
      )
      if (!outcome.ok) return outcome
      newId.spend()
      setName('')
      return outcome
    })
  return (
    <Paper aria-labelledby="new-yarn">
      <h2 id="new-yarn">Add a yarn</h2>
      <TextField label="Name" value={name} onChange={setName} />
      <SelectField
        label="Main fibre"
        value={fibre}
        onChange={setFibre}
        options={[['', 'not known'], ...fibres] as const}
      />
      <Fields>
        <NumberField
          label="Weight"
          unit="g"
          value={grams}
          minValue={1}
          maxValue={20_000}
          onChange={(value) => (Number.isNaN(value) ? undefined : setGrams(value))}
        />
        <NumberField
          label="Wraps per inch"
          value={wraps ?? NaN}
          minValue={1}
          maxValue={100}
          onChange={(value) => setWraps(Number.isNaN(value) ? null : value)}
        />
      </Fields>
      <Actions>
        <Button isDisabled={busy || name.trim() === ''} onPress={keep}>
          Add yarn
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}
