import { css } from 'styled-components'

/** A slip of paper that lies over the page: help, and a stop of the tour. */
export const note = css`
  display: grid;
  gap: 0.6rem;
  padding: 1rem 1.2rem;
  background: var(--paper);
  color: var(--ink);
  border: 1px solid var(--line);
  border-left: 10px solid var(--weld);
  border-radius: 4px;
  box-shadow: var(--shadow);
  p {
    margin: 0;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.2rem;
    align-items: center;
  }
`
