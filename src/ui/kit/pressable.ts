import { css } from 'styled-components'

/** How what can be pressed shows that the pointer or the keys stand on it. */
export const pressableStyle = css`
  cursor: pointer;
  &[data-hovered] {
    border-color: var(--indigo);
    background: var(--paper-deep);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`
