'use client'

import dynamic from 'next/dynamic'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { type SaveProps } from './SaveWays'

// Opened by few: loaded when it is.
const SaveWays = dynamic(() => import('./SaveWays').then(({ SaveWays: part }) => part))

/** The plan on paper or as a file. */
export function SavePlan(props: SaveProps) {
  return <WhenOpened summary="Print or save as a file">{() => <SaveWays {...props} />}</WhenOpened>
}
