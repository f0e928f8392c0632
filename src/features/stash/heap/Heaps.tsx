'use client'

import Link from 'next/link'
import { useState } from 'react'
import { StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, Fields, Page, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useNewId } from '../../shared/form/useNewId'
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
        <h1>Sort a heap</h1>
        <Soft>One piece after another, one hand on the phone. Stop at any time: it is all kept.</Soft>
      </div>
      {heaps.length > 0 ? (
        <PlainList aria-label="Heaps">
          {heaps.map((heap) => (
            <li key={heap.id}>
              <Link href={`/stash/heap/${heap.id}`}>{heap.name}</Link>
              {heap.done ? ', sorted' : ', still to be sorted'}: {tallyWords(heap.tally)}
            </li>
          ))}
        </PlainList>
      ) : null}
      <Paper aria-labelledby="new-heap">
        <h2 id="new-heap">A new heap</h2>
        <Fields>
          <TextField
            label="What is it?"
            hint="“Two laundry hampers from the hotel”."
            value={name}
            onChange={setName}
          />
          <TextField label="What is kept of it lies" hint="Shelf, box, drawer." value={place} onChange={setPlace} />
        </Fields>
        <Actions>
          <StrongButton
            isDisabled={busy || name.trim() === ''}
            onPress={() => doing(async () => beginHeap({ name, place, notes: '' }, await newId.take()))}
          >
            Begin sorting
          </StrongButton>
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Paper>
    </Page>
  )
}
