'use client'

import styled, { createGlobalStyle, css } from 'styled-components'
import { SMALL } from '../shared/smallScreen'

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
  display: inline-flex;
  align-items: center;
  min-height: 2.75rem;
  padding: 0.6rem 1rem;
  z-index: 10;
  &:focus {
    left: 0.5rem;
    top: 0.5rem;
  }
`

/** While something burns, a phone shows nothing but the test: it has its own way back, and first aid. */
const goneAtTheFlame = css`
  ${SMALL} {
    html:has([data-at-the-flame]) & {
      display: none;
    }
  }
`

/** The selvedge: a densely woven edge that runs along the top of every page. */
export const Selvedge = styled.div`
  height: 10px;
  @media print {
    display: none;
  }
  ${goneAtTheFlame}
  background:
    repeating-linear-gradient(90deg, transparent 0 5px, rgb(0 0 0 / 0.28) 5px 6px),
    linear-gradient(var(--indigo-deep) 0 3px, var(--weld) 3px 4.5px, var(--madder) 4.5px 7px, var(--indigo-deep) 7px);
`

export const Head = styled.header`
  ${goneAtTheFlame}
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
  ${SMALL} {
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
  ${SMALL} {
    display: none;
  }
`

/** The same along the foot of a phone, under the thumb. */
export const FootBar = styled(Bar)`
  display: none;
  ${SMALL} {
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
  ${goneAtTheFlame}
  @media print {
    display: none;
  }
`

/**
 * What stands at the foot of the screen covers nothing that has the keys. Only what takes them keeps a distance: a page
 * that scrolled for the choices of an open list would close it.
 */
export const FootRoom = createGlobalStyle`
  :root { --foot: 0px; }
  ${SMALL} { :root { --foot: 59px; } }
  a, button, input, select, summary, textarea { scroll-margin-bottom: calc(var(--foot) + 5rem); }
`

/** On a phone whatever stands by itself to be pressed is as high as a thumb; words within a sentence stay in it. */
export const ThumbRoom = createGlobalStyle`
  ${SMALL} {
    main :is(li, dt, dd, td, th, h2, h3, h4, header) > a:only-child,
    main :is(div, section, article, nav) > a {
      display: inline-flex;
      align-items: center;
      flex-wrap: wrap;
      min-height: 2.75rem;
    }
    main summary {
      min-height: 2.75rem;
      align-content: center;
    }
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
  .to-search,
  .to-pages {
    display: none;
  }
  ${SMALL} {
    .to-search,
    .to-pages {
      display: inline-flex;
    }
    /* It stands among all pages. */
    .to-settings {
      display: none;
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
  ${SMALL} {
    display: none;
  }
`

/** The pages of a place: a second, quieter row. A phone has the list of all pages instead. */
export const Row = styled.nav`
  background: var(--paper-deep);
  border-bottom: 1px solid var(--line);
  .inside {
    ${inside}
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
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
  button {
    margin-left: auto;
  }
  ${SMALL} {
    display: none;
  }
`

/** All pages, by place, over what is shown. */
export const PagesPanel = styled.nav`
  position: relative;
  z-index: 15;
  outline: none;
  > div {
    position: absolute;
    inset: 0 0 auto 0;
    max-height: calc(100dvh - 8rem);
    overflow: auto;
    background: var(--paper);
    border-bottom: 4px solid var(--weld);
    box-shadow: var(--shadow);
  }
  .inside {
    ${inside}
    padding-block: 1rem 1.25rem;
    display: grid;
    gap: 1rem 2rem;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  }
  h2 {
    font-size: 1.05rem;
    margin: 0 0 0.25rem;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  a {
    display: flex;
    align-items: center;
    min-height: 2.2rem;
    color: var(--ink);
    text-decoration: none;
  }
  a:hover {
    text-decoration: underline;
  }
  a[aria-current] {
    font-weight: 700;
  }
  ${SMALL} {
    ul {
      display: grid;
      grid-template-columns: repeat(2, minmax(0, 1fr));
      gap: 0 1rem;
    }
    a {
      min-height: 2.75rem;
      line-height: 1.2;
    }
  }
`

export const Content = styled.div`
  outline: none;
  ${SMALL} {
    /* Room for the places at the foot. */
    padding-bottom: 4.5rem;
  }
`
