'use client'

import Link from 'next/link'
import { EmptyState } from '@/ui/empty/EmptyState'
import { useState } from 'react'
import { StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, Fields, Page, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useNewId } from '../../shared/form/useNewId'
import { AddWays } from '../AddWays'
import { beginHeap } from './actions'
import { type loadHeaps } from './load'
import { tallyWords } from './tallyWords'

/** Heaps that are being sorted, and a new one. */
export function Heaps({ heaps }: { heaps: Awaited<ReturnType<typeof loadHeaps>> }) {
  const [name, setName] = useState('')
  const [place, setPlace] = useState('')
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId()
  return (
    <Page>
      <div>
        <h1>Sort a pile</h1>
        <Soft>One fabric after another, with one hand. Stop at any time: everything is saved.</Soft>
      </div>
      <AddWays here="/stash/piles" />
      {heaps.length > 0 ? (
        <PlainList aria-label="Piles">
          {heaps.map((heap) => (
            <li key={heap.id}>
              <Link href={`/stash/piles/${heap.id}`}>{heap.name}</Link>
              {heap.done ? ', sorted' : ', not finished'}: {tallyWords(heap.tally)}
            </li>
          ))}
        </PlainList>
      ) : (
        <EmptyState
          drawing="pile"
          text="A box or a cupboard, sorted one fabric after another: keep, give away, test or cut up."
        />
      )}
      <Paper aria-labelledby="new-heap">
        <h2 id="new-heap">New pile</h2>
        <Fields>
          <TextField
            label="Name of the pile"
            hint="“Two laundry hampers from the hotel”."
            value={name}
            onChange={setName}
          />
          <TextField label="Location for kept fabrics" hint="Shelf, box, drawer." value={place} onChange={setPlace} />
        </Fields>
        <Actions>
          <StrongButton
            isDisabled={busy || name.trim() === ''}
            onPress={() => doing(async () => beginHeap({ name, place, notes: '' }, await newId.take()))}
          >
            Start sorting
          </StrongButton>
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Paper>
    </Page>
  )
}
