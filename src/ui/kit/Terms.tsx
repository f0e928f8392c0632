'use client'

import Link from 'next/link'
import { Fragment, useEffect, useId, useState } from 'react'
import styled from 'styled-components'
import { type Marked } from '@/core/vocabulary/markTerms'

const loadMarking = () => import('@/core/vocabulary/markTerms')

const Quiet = styled(Link)`
  color: inherit;
  text-decoration-style: dotted;
  text-decoration-thickness: 1px;
  text-underline-offset: 0.2em;
`

/**
 * A text whose words of the trade lead to where they are told, each where it stands first on the page. The words are
 * fetched after the page: until then, and without a script, it is the text alone.
 */
export function Terms({ children }: { children: string }) {
  const owner = useId()
  const [parts, setParts] = useState<{ of: string; are: Marked[] }>()
  useEffect(() => {
    let release: (() => void) | 'left' | undefined
    void loadMarking().then(({ claimTerms, releaseTerms }) => {
      if (release === 'left') return
      release = () => releaseTerms(owner)
      setParts({ of: children, are: claimTerms(children, owner) })
    })
    return () => {
      if (typeof release === 'function') release()
      release = 'left'
    }
  }, [children, owner])
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
