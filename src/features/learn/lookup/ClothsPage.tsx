'use client'

import Link from 'next/link'
import { useDeferredValue, useState } from 'react'
import styled from 'styled-components'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { TextField } from '@/ui/kit/fields'
import { Lead, Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { type ClothTold } from './clothsTold'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'

const Cloth = styled.li`
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr);
  gap: 0.2rem 1rem;
  align-items: start;
  border-top: 1px solid var(--line);
  padding-top: 0.75rem;
`

/** What shops mean by a name. */
export function ClothsPage({ cloths }: { cloths: readonly ClothTold[] }) {
  const say = useSay()
  const [sought, setSought] = useState('')
  const words = useDeferredValue(sought).toLowerCase().split(/\s+/).filter(Boolean)
  const found = cloths.filter(({ name, also, makes }) => {
    const text = `${name} ${also} ${say(makes)}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
  return (
    <Page>
      <div>
        <h1>Fabric names</h1>
        <Lead>
          {cloths.length}
          <Say> names, in UK and US words, with what makes each different from its neighbours.</Say>
        </Lead>
      </div>
      <TextField
        label="Search"
        hint="A name, a word for it, or what it looks like."
        value={sought}
        onChange={setSought}
      />
      <p role="status" className="visually-hidden">
        {found.length} found
      </p>
      <PlainList>
        {found.map(({ id, name, also, makes, usual, tile }) => (
          <Cloth key={id} id={id}>
            <ClothSwatch tile={tile} label={`${name}, drawn from its weave`} height="5.5rem" scale={1.3} />
            <div>
              <h2>
                <Link href={`/learn/fabrics/${id}`} prefetch={false}>
                  {name}
                </Link>
              </h2>
              {also ? <Soft>Also {also}</Soft> : null}
              <p>
                <Say>{makes}</Say>
              </p>
              <Soft>{usual}</Soft>
            </div>
          </Cloth>
        ))}
      </PlainList>
      {found.length === 0 ? <p>We don’t know a fabric called “{sought}”.</p> : null}
    </Page>
  )
}
