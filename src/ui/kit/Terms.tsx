'use client'

import Link from 'next/link'
import { Fragment, useContext, useEffect, useId, useState } from 'react'
import styled from 'styled-components'
import { type MarkedTerm } from '@/core/vocabulary/markTerms'
import { ReadsImperial } from './readsImperial'

const loadMarking = () => import('@/core/vocabulary/markTerms')
const loadUnits = () => import('@/core/units/withImperial')

const Quiet = styled(Link)`
  color: inherit;
  text-decoration-style: dotted;
  text-decoration-thickness: 1px;
  text-underline-offset: 0.2em;
`

/**
 * A text whose words of the trade lead to where they are told, each where it stands first on the page, and whose
 * measures stand in inches and ounces as well for whoever reads those. Both are fetched after the page: until then, and
 * without a script, it is the text alone.
 */
export function Terms({ children }: { children: string }) {
  const owner = useId()
  const isImperial = useContext(ReadsImperial)
  const [parts, setParts] = useState<{ of: string; are: MarkedTerm[] }>()
  useEffect(() => {
    let release: (() => void) | 'left' | undefined
    const told = isImperial ? loadUnits().then(({ withImperial }) => withImperial(children)) : children
    void Promise.all([loadMarking(), told]).then(([{ claimTerms, releaseTerms }, text]) => {
      if (release === 'left') return
      release = () => releaseTerms(owner)
      setParts({ of: children, are: claimTerms(text, owner) })
    })
    return () => {
      if (typeof release === 'function') release()
      release = 'left'
    }
  }, [children, owner, isImperial])
  if (parts?.of !== children) return children
  return parts.are.map(({ words, href }, i) =>
    href === null ? (
      <Fragment key={i}>{words}</Fragment>
    ) : (
      <Quiet key={i} href={href} prefetch={false}>
        {words}
      </Quiet>
    ),
  )
}
