'use client'

import styled from 'styled-components'

/** The width of a page. */
export const Page = styled.main<{ $gap?: string }>`
  max-width: 78rem;
  margin: 0 auto;
  padding: 1.5rem clamp(1rem, 3vw, 2rem) 4rem;
  display: grid;
  gap: ${({ $gap = '1.75rem' }) => $gap};
  grid-template-columns: minmax(0, 1fr);
`

/** A sheet of paper on the table. */
export const Paper = styled.section`
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: clamp(1rem, 2.5vw, 1.6rem);
  display: grid;
  gap: 0.9rem;
  align-content: start;
  min-width: 0;
`

/** A slip pinned beside something: what to do next, or what is wrong. */
export const Callout = styled.div<{ $tone?: 'plain' | 'warn' | 'good' }>`
  background: ${({ $tone }) =>
    $tone === 'warn'
      ? 'color-mix(in srgb, var(--madder) 14%, ' + 'var(--paper))'
      : $tone === 'good'
        ? 'color-mix(in srgb, var(--green) 14%, var(--paper))'
        : 'var(--paper)'};
  border-left: 5px solid
    ${({ $tone }) => ($tone === 'warn' ? 'var(--madder)' : $tone === 'good' ? 'var(--green)' : 'var(--weld)')};
  padding: 0.7rem 1rem;
`

export const Soft = styled.p`
  color: var(--ink-soft);
`

export const Lead = styled.p`
  font-size: 1.15rem;
  line-height: 1.45;
`

/** Text with the ends of lines that somebody wrote. */
export const Lines = styled.p`
  white-space: pre-line;
`

/** Two columns that fold into one; the first takes the larger share. */
export const Columns = styled.div<{ $first?: string }>`
  display: grid;
  gap: 1.5rem;
  grid-template-columns: minmax(0, 1fr);
  @media (min-width: 60rem) {
    grid-template-columns: minmax(0, ${({ $first = '1.6fr' }) => $first}) minmax(0, 1fr);
  }
`

/** A list without marks. */
export const PlainList = styled.ul<{ $gap?: string }>`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: ${({ $gap = '0.6rem' }) => $gap};
`

/** Things that unfold, under one another, a line each. */
export const Folds = styled.div`
  display: grid;
  border-top: 1px solid var(--line);
  > details {
    border-bottom: 1px solid var(--line);
    min-width: 0;
  }
  > details > summary {
    min-height: 2.75rem;
    align-content: center;
    cursor: pointer;
    font-weight: 600;
  }
  > details[open] {
    padding-bottom: 0.9rem;
  }
`

/** Facts as pairs of word and value. */
export const Facts = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 0.35rem 1.25rem;
  > div {
    display: contents;
  }
  dt {
    color: var(--ink-soft);
  }
  dd {
    margin: 0;
  }
`

/** A row of actions that wraps. */
export const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
  align-items: center;
`

/** What ends a long form, at the foot of the screen for as long as its fields are. */
export const AtFoot = styled(Actions)`
  position: sticky;
  bottom: var(--foot);
  z-index: 2;
  padding-block: 0.6rem;
  background: var(--ground);
  ${Paper} & {
    position: static;
    background: none;
  }
  @media print, (height < 30rem) {
    position: static;
  }
`

/** A small table of figures: what a chart shows, in numbers. */
export const Figures = styled.table`
  border-collapse: collapse;
  font-size: 0.92rem;
  th,
  td {
    text-align: right;
    padding: 0.15rem 0.5rem;
    border-bottom: 1px solid var(--line);
    font-variant-numeric: tabular-nums;
  }
  th:first-child {
    text-align: left;
  }
`

/** Things under one another. */
export const Stack = styled.div<{ $gap?: string; $top?: string }>`
  display: grid;
  gap: ${({ $gap = '1rem' }) => $gap};
  padding-top: ${({ $top = '0' }) => $top};
  align-content: start;
  min-width: 0;
`

/** Fields beside one another, as many as there is room for. */
export const Fields = styled.div`
  display: grid;
  gap: 0.9rem;
  align-items: end;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 12rem), 1fr));
`

/** What to do, in its order. */
export const Steps = styled.ol`
  margin: 0;
  padding-left: 1.2rem;
`

/** Sheets beside one another, as many as there is room for. */
export const Tiles = styled.div`
  display: grid;
  gap: 1.25rem;
  align-items: start;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 22rem), 1fr));
`
