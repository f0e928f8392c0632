'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import styled from 'styled-components'
import { CheckField } from '@/ui/kit/checks'
import { SelectField } from '@/ui/kit/SelectField'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { Actions, Folds, Lead, Page, Soft } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { DropPattern } from './DropPattern'
import { type Loaded, type loadPattern } from './load'
import { PatternTold } from './PatternTold'
import { Ranked } from './Ranked'
import { SetsFromStash } from './SetsFromStash'

type Props = Loaded<typeof loadPattern>

const Narrow = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  > * {
    min-width: 10rem;
  }
`

/** Cloths that are held side by side at once. */
const MOST_COMPARED = 4

/** One pattern with the pieces of the stash, the best first. */
export function PatternPage(pattern: Props) {
  const { id, name, need, rows, of, sets, making } = pattern
  const [compared, setCompared] = useState<string[]>([])
  const choose = (pieceId: string, isOn: boolean) =>
    setCompared((before) =>
      isOn ? [...before, pieceId].slice(-MOST_COMPARED) : before.filter((one) => one !== pieceId),
    )
  return (
    <Page $gap="1.1rem">
      <div>
        <Link href="/make/patterns">Patterns</Link>
        <h1>{name}</h1>
        <Lead>{need}</Lead>
      </div>
      <Actions>
        <StrongLink href={`/make/projects/add?pattern=${id}&size=${making.size}&view=${making.view}`}>
          Start a project
        </StrongLink>
        {compared.length > 1 ? (
          <ButtonLink href={`/make/patterns/${id}/compare?with=${compared.join(',')}`}>
            Compare {compared.length} fabrics
          </ButtonLink>
        ) : null}
        <ButtonLink href={`/make/patterns/${id}/layout`}>Lay out pattern pieces</ButtonLink>
        <Link href={`/make/patterns/${id}/pieces`}>Pattern pieces</Link>
        <Link href={`/make/patterns/${id}/edit`}>Edit</Link>
      </Actions>
      <Which {...pattern} />
      {rows.length === 0 ? (
        <p>Your stash is empty, so there is nothing to compare.</p>
      ) : (
        <h2>Main fabric, best first</h2>
      )}
      <Ranked
        more="Show more fabrics"
        of={of.ranked}
        rows={rows.map((row) => ({ ...row, garment: pattern.garment, details: pattern.details }))}
        actions={(row) => (
          <CheckField isSelected={compared.includes(row.id)} onChange={(isOn) => choose(row.id, isOn)}>
            Compare<span className="visually-hidden"> {row.title}</span>
          </CheckField>
        )}
      />
      {of.others > 0 ? <Soft>{of.others} more fabrics suit it less well.</Soft> : null}
      <Folds>
        {sets.length > 0 ? (
          <WhenOpened summary={`Suggested combinations · ${sets.length}`}>
            {() => <SetsFromStash sets={sets} />}
          </WhenOpened>
        ) : null}
        <WhenOpened summary="Pattern details">{() => <PatternTold {...pattern} />}</WhenOpened>
      </Folds>
      <DropPattern id={id} name={name} />
    </Page>
  )
}

/** Which size and view is made: how much is enough depends on it. */
function Which({ id, sizes, views, making }: Props) {
  const router = useRouter()
  if (sizes.length < 2 && views.length < 2) return null
  const go = (size: string, view: string) =>
    router.push(`/make/patterns/${id}?size=${encodeURIComponent(size)}&view=${encodeURIComponent(view)}`, {
      scroll: false,
    })
  return (
    <Narrow>
      {sizes.length > 1 ? (
        <SelectField
          label="Size"
          value={making.size}
          onChange={(size) => go(size, making.view)}
          options={sizes.map((size) => [size, size])}
        />
      ) : null}
      {views.length > 1 ? (
        <SelectField
          label="View"
          value={making.view}
          onChange={(view) => go(making.size, view)}
          options={views.map((view) => [view, view])}
        />
      ) : null}
    </Narrow>
  )
}
