'use client'

import Link from 'next/link'
import { useEffect, useRef } from 'react'
import styled from 'styled-components'
import { useStored } from '../../shared/useStored'
import { helpFor } from './lines'
import { note } from './noteStyle'
import { Say } from '@/ui/text/Say'

const Lines = styled.section`
  position: absolute;
  z-index: 15;
  top: calc(100% + 0.4rem);
  right: 0;
  width: min(26rem, calc(100vw - 2rem));
  ${note}
  h2 {
    margin: 0;
    font-size: 1.1rem;
  }
  && a {
    color: var(--indigo);
    text-decoration: underline;
  }
  button {
    min-height: 2.75rem;
    padding: 0;
    background: none;
    border: 0;
    color: var(--indigo);
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
  }
`

interface Props {
  page: { path: string; title: string }
  onClose: () => void
}

/** The three lines of a page, the way into the tour, and the first five minutes. */
export function HelpPanel({ page: { path, title }, onClose }: Props) {
  const [, setTour] = useStored('tour', 'tab')
  const box = useRef<HTMLElement>(null)
  useEffect(() => box.current?.focus(), [])
  return (
    <Lines
      ref={box}
      tabIndex={-1}
      aria-labelledby="help-title"
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <h2 id="help-title">
        <Say>{title}</Say>
      </h2>
      {helpFor(path)?.map((line) => (
        <p key={line}>
          <Say>{line}</Say>
        </p>
      ))}
      <div className="foot">
        <Link
          href="/"
          onClick={() => {
            setTour('0')
            onClose()
          }}
        >
          Take the tour
        </Link>
        <Link href="/learn/first-burn" onClick={onClose}>
          Your first burn test
        </Link>
        <button type="button" onClick={onClose}>
          Close
        </button>
      </div>
    </Lines>
  )
}
