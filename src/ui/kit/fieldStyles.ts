import { css } from 'styled-components'

/** The box that something is filled in or chosen in. */
export const box = css`
  width: 100%;
  min-height: 2.75rem;
  padding: 0.4rem 0.7rem;
  background: var(--paper);
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  &[data-invalid] {
    border-color: var(--madder);
    border-width: 2px;
  }
`

/** A label, its box, its hint and its error, one under the other. */
export const field = css`
  display: grid;
  gap: 0.25rem;
  align-content: start;
  min-width: 0;
  label,
  .label,
  /* A box of several parts has no label of HTML. */
  .react-aria-Label {
    font-weight: 600;
  }
  [slot='description'] {
    color: var(--ink-soft);
    font-size: 0.92rem;
  }
  .error {
    color: var(--madder);
    font-weight: 600;
    font-size: 0.95rem;
  }
`

/** A box that is typed part by part: a day, a time. */
export const segments = css`
  .line {
    ${box}
    display: flex;
    align-items: center;
    gap: 0.5rem;
    padding: 0 0.2rem 0 0.7rem;
  }
  .line[data-focus-within] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
  .segments {
    display: flex;
    flex: 1;
  }
  .segments > [data-placeholder] {
    color: var(--ink-soft);
  }
  .segments > [data-focused] {
    background: var(--indigo-deep);
    color: var(--on-indigo);
    outline: none;
    border-radius: 2px;
  }
`
