'use client'

import Link from 'next/link'
import { Button as AriaButton } from 'react-aria-components'
import styled, { css } from 'styled-components'

const shape = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 0.5rem;
  min-height: 2.75rem;
  padding: 0.45rem 1.1rem;
  border: 2px solid var(--ink);
  border-radius: 3px;
  background: var(--paper);
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
  cursor: pointer;
  &:hover { background: var(--paper-deep); }
  &[data-disabled] { opacity: 0.55; cursor: default; }
`
const strong = css`
  background: var(--indigo-deep);
  border-color: var(--indigo-deep);
  color: var(--on-indigo);
  &:hover { background: color-mix(in srgb, var(--indigo-deep) 85%, white); }
`
const quiet = css`
  border-color: transparent;
  background: transparent;
  color: var(--indigo);
  text-decoration: underline;
  text-underline-offset: 0.2em;
  padding-inline: 0.5rem;
`

export const Button = styled(AriaButton)`${shape}`
export const StrongButton = styled(AriaButton)`${shape}${strong}`
export const QuietButton = styled(AriaButton)`${shape}${quiet}`
export const ButtonLink = styled(Link)`${shape}`
export const StrongLink = styled(Link)`${shape}${strong}`

/** A row of actions that wraps. */
export const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
`
