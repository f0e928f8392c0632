'use client'

import { createGlobalStyle } from 'styled-components'

/**
 * The dye-pot: undyed ground, walnut ink, madder, weld, indigo, and the greens that weld over indigo gives.
 * Every text colour reaches 4.5:1 on the grounds it stands on, light and dark; docs/design.md has the pairs.
 */
const light = `
  --ground: #e7e5db;
  --paper: #f7f5ee;
  --paper-deep: #dedacb;
  --line: #b9b29e;
  --ink: #2a2119;
  --ink-soft: #5b5042;
  --indigo: #274b6d;
  --indigo-deep: #16324d;
  --on-indigo: #f4f1e6;
  --action: #16324d;
  --on-action: #f4f1e6;
  --madder: #9c3524;
  --weld: #c8a02c;
  --weld-ink: #6d5408;
  --green: #3f6144;
  --walnut: #6b4a2f;
  --board: #8a6f52;
  --flame: #d9822b;
  --smoke: #8d8a84;
  --char: #2b2724;
  --shadow: 0 1px 2px rgb(42 33 25 / 0.18), 0 6px 16px rgb(42 33 25 / 0.10);
  color-scheme: light;
`
const dark = `
  --ground: #1a1d20;
  --paper: #24282b;
  --paper-deep: #30353a;
  --line: #535a5e;
  --ink: #efe9db;
  --ink-soft: #bdb5a3;
  --indigo: #8fb6d8;
  --indigo-deep: #0f2336;
  --on-indigo: #f4f1e6;
  --action: #3b76ab;
  --on-action: #ffffff;
  --madder: #ef9a86;
  --weld: #d9b548;
  --weld-ink: #e6c768;
  --green: #9cc59f;
  --walnut: #c9a27e;
  --board: #5d4a36;
  --flame: #eda154;
  --smoke: #9a9892;
  --char: #0d0c0b;
  --shadow: 0 1px 2px rgb(0 0 0 / 0.5), 0 6px 16px rgb(0 0 0 / 0.35);
  color-scheme: dark;
`

export const GlobalStyle = createGlobalStyle`
  :root { ${light} }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${dark} } }
  :root[data-theme='dark'] { ${dark} }

  *, *::before, *::after { box-sizing: border-box; }
  html { font-size: 100%; -webkit-text-size-adjust: 100%; }
  body {
    margin: 0;
    background: var(--ground);
    color: var(--ink);
    font-family: 'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', system-ui, sans-serif;
    font-size: 1rem;
    line-height: 1.5;
  }
  h1, h2, h3 {
    font-family: 'Young Serif', Georgia, serif;
    font-weight: 400;
    line-height: 1.15;
    margin: 0;
    text-wrap: balance;
  }
  h1 { font-size: clamp(1.7rem, 1.2rem + 1.8vw, 2.5rem); }
  h2 { font-size: 1.35rem; }
  h3 { font-size: 1.1rem; }
  p { margin: 0; max-width: 66ch; }
  a { color: var(--indigo); text-underline-offset: 0.2em; }
  button, input, select, textarea { font: inherit; color: inherit; }
  :focus-visible { outline: 3px solid var(--madder); outline-offset: 2px; border-radius: 2px; }
  ::selection { background: var(--weld); color: #2a2119; }
  /* Drawings keep their own colours and paper, by day and by lamplight. */
  .drawn { ${light} --shadow: none; background: #f7f5ee; border-radius: 3px; }
  .visually-hidden {
    position: absolute;
    width: 1px;
    height: 1px;
    margin: -1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
  }
  :root[data-motion='still'] *, :root[data-motion='still'] *::before, :root[data-motion='still'] *::after {
    animation: none !important; transition: none !important; scroll-behavior: auto !important;
  }
  @page { margin: 12mm; }
  @media print {
    body { background: #fff; }
    header, nav, footer, .screen-only { display: none !important; }
    main { padding: 0 !important; }
  }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after {
      animation: none !important; transition: none !important; scroll-behavior: auto !important;
    }
  }
`
