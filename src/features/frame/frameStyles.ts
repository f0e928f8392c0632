'use client'

import styled, { css } from 'styled-components'

const PHONE = '@media (max-width: 44rem)'
const inside = css`
  max-width: 78rem;
  margin: 0 auto;
  padding-inline: clamp(1rem, 3vw, 2rem);
`

export const Skip = styled.a`
  position: absolute;
  left: -999px;
  top: 0;
  background: var(--paper);
  padding: 0.6rem 1rem;
  z-index: 10;
  &:focus {
    left: 0.5rem;
    top: 0.5rem;
  }
`

/** The selvedge: a densely woven edge that runs along the top of every page. */
export const Selvedge = styled.div`
  height: 10px;
  background:
    repeating-linear-gradient(90deg, transparent 0 5px, rgb(0 0 0 / 0.28) 5px 6px),
    linear-gradient(var(--indigo-deep) 0 3px, var(--weld) 3px 4.5px, var(--madder) 4.5px 7px, var(--indigo-deep) 7px);
`

export const Head = styled.header`
  background: var(--indigo-deep);
  color: var(--on-indigo);
  .inside {
    ${inside}
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
  }
  a {
    color: var(--on-indigo);
    text-decoration: none;
    min-height: 2.75rem;
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
  }
  a:hover {
    text-decoration: underline;
  }
  a.name {
    font-family: 'Young Serif', Georgia, serif;
    font-size: 1.3rem;
    margin-right: 0.5rem;
  }
  :focus-visible {
    outline-color: var(--weld);
  }
  ${PHONE} {
    a.name {
      margin-right: auto;
    }
  }
`

/** The places along the head of a desk. */
export const Bar = styled.nav`
  display: flex;
  flex-wrap: wrap;
  margin-right: auto;
  a {
    padding: 0.5rem 0.8rem;
    border-bottom: 3px solid transparent;
  }
  a[aria-current] {
    border-bottom-color: var(--weld);
    font-weight: 700;
  }
  ${PHONE} {
    display: none;
  }
`

/** The same along the foot of a phone, under the thumb. */
export const FootBar = styled(Bar)`
  display: none;
  ${PHONE} {
    display: grid;
    grid-template-columns: repeat(5, minmax(0, 1fr));
    position: fixed;
    inset: auto 0 0 0;
    z-index: 5;
    margin: 0;
    background: var(--indigo-deep);
    border-top: 3px solid var(--weld);
    padding-bottom: env(safe-area-inset-bottom);
    a {
      display: grid;
      justify-items: center;
      gap: 0.1rem;
      min-height: 56px;
      padding: 0.45rem 0.1rem 0.35rem;
      font-size: 0.8rem;
      line-height: 1.1;
      color: var(--on-indigo);
      text-decoration: none;
      border: 0;
    }
    a[aria-current] {
      background: color-mix(in srgb, var(--weld) 30%, var(--indigo-deep));
    }
    :focus-visible {
      outline-color: var(--weld);
      outline-offset: -3px;
    }
  }
  @media print {
    display: none;
  }
`

export const AlwaysInReach = styled.div`
  position: relative;
  display: flex;
  align-items: center;
  gap: 0.25rem 1rem;
  a[aria-current] {
    font-weight: 700;
  }
  .to-search {
    display: none;
  }
  ${PHONE} {
    .to-search {
      display: inline-flex;
    }
    > a,
    > button {
      min-width: 2.75rem;
      justify-content: center;
    }
    > a span,
    > button span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    gap: 0;
  }
`

export const PlainPress = styled.button.attrs({ type: 'button' })`
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  min-height: 2.75rem;
  padding: 0;
  background: none;
  border: 0;
  color: inherit;
  font: inherit;
  cursor: pointer;
`

export const SearchBox = styled.form`
  display: flex;
  align-items: center;
  gap: 0.4rem;
  padding: 0 0.6rem;
  border: 1.5px solid color-mix(in srgb, var(--on-indigo) 55%, transparent);
  border-radius: 3px;
  background: color-mix(in srgb, var(--on-indigo) 10%, transparent);
  input {
    width: clamp(6rem, 11vw, 12rem);
    min-height: 2.4rem;
    border: 0;
    background: transparent;
    color: var(--on-indigo);
  }
  input::placeholder {
    color: var(--on-indigo);
    opacity: 0.85;
  }
  ${PHONE} {
    display: none;
  }
`

/** The pages of a place: a second, quieter row. */
export const Row = styled.nav`
  background: var(--paper-deep);
  border-bottom: 1px solid var(--line);
  .inside {
    ${inside}
    display: flex;
    gap: 0 1.25rem;
    overflow-x: auto;
    scrollbar-width: thin;
  }
  a {
    color: var(--ink);
    text-decoration: none;
    white-space: nowrap;
    min-height: 2.75rem;
    display: inline-flex;
    align-items: center;
    border-bottom: 3px solid transparent;
  }
  a:hover {
    text-decoration: underline;
  }
  a[aria-current] {
    border-bottom-color: var(--madder);
    font-weight: 700;
  }
`

export const Content = styled.div`
  outline: none;
  ${PHONE} {
    /* Room for the places at the foot. */
    padding-bottom: 4.5rem;
  }
`
