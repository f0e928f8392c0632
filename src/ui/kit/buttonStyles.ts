import { css } from 'styled-components'

/** What can be pressed or followed. */
export const shape = css`
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
  &:hover {
    background: var(--paper-deep);
  }
  &[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
`

/** The main action of a page. */
export const strongStyle = css`
  background: var(--action);
  border-color: var(--action);
  color: var(--on-action);
  &:hover {
    background: color-mix(in srgb, var(--action) 85%, black);
  }
`

/** An action that is seldom wanted. */
export const quietStyle = css`
  border-color: transparent;
  background: transparent;
  color: var(--indigo);
  text-decoration: underline;
  text-underline-offset: 0.2em;
  padding-inline: 0.5rem;
`
