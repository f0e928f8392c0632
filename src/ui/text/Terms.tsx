'use client'

import Link from 'next/link'
import { Fragment, useEffect, useId, useState } from 'react'
import styled from 'styled-components'
import { type Phrase } from '@/core/text/text'
import { type MarkedTerm } from '@/core/vocabulary/markTerms'
import { useSay } from './reader'

const loadMarking = () => import('@/core/vocabulary/markTerms')

const Quiet = styled(Link)`
  color: inherit;
  text-decoration-style: dotted;
  text-decoration-thickness: 1px;
  text-underline-offset: 0.2em;
`

/**
 * Text whose words of the trade lead to where they are told, each where it stands first on the page. The links are
 * fetched after the page: until then, and without a script, it is the text alone.
 */
export function Terms({ children }: { children: Phrase }) {
  const owner = useId()
  const text = useSay()(children)
  const [parts, setParts] = useState<{ of: string; are: MarkedTerm[] }>()
  useEffect(() => {
    let release: (() => void) | 'left' | undefined
    void loadMarking().then(({ claimTerms, releaseTerms }) => {
      if (release === 'left') return
      release = () => releaseTerms(owner)
      setParts({ of: text, are: claimTerms(text, owner) })
    })
    return () => {
      if (typeof release === 'function') release()
      release = 'left'
    }
  }, [text, owner])
  if (parts?.of !== text) return text
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
