'use client'

import styled, { css } from 'styled-components'
import { band } from './projectMarks'

export const Scroll = styled.div`
  overflow-x: auto;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--ground);
  margin-top: 0.75rem;
`
export const WeekSheet = styled.div`
  position: relative;
  min-width: 100%;
`
export const DayMark = styled.div`
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--line);
  padding: 0.35rem 0 0 0.4rem;
  font-weight: 600;
  white-space: nowrap;
  &[data-today='true'] {
    border-left: 3px solid var(--madder);
    color: var(--madder);
  }
`
export const FreeTime = styled.div`
  position: absolute;
  bottom: 0;
  background: var(--paper);
  border-inline: 1px solid var(--line);
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  i {
    font: 500 0.78rem / 1 inherit;
    font-style: normal;
    color: var(--ink-soft);
    padding: 2px 3px;
    font-variant-numeric: tabular-nums;
  }
`
export const LaneBand = styled.div`
  position: absolute;
  left: 0;
  right: 0;
  border-top: 1px solid var(--line);
  pointer-events: none;
  span {
    position: sticky;
    left: 0;
    padding: 0 0.4rem;
    font-size: 0.82rem;
    font-weight: 600;
    color: var(--ink-soft);
  }
`
const block = css`
  position: absolute;
  margin: 0;
  border: 1.5px solid var(--own);
  border-radius: 3px;
  color: var(--ink);
  font: 600 0.82rem / 1.1 inherit;
  font-family: inherit;
  text-align: left;
  overflow: hidden;
  white-space: nowrap;
`
const chosen = css`
  &[data-chosen='true'] {
    box-shadow: 0 0 0 2px var(--ink);
    z-index: 2;
  }
  &:focus-visible {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
    z-index: 3;
  }
`
/** What hands do: solid. */
export const HandsBar = styled.span`
  ${block}
  height: 44px;
  padding: 0 2px 0 10px;
  background: color-mix(in srgb, var(--own) 26%, var(--paper));
  cursor: grab;
  touch-action: pan-y;
  ${band}
  ${chosen}
  &[data-lifted='true'] {
    opacity: 0.45;
  }
`
/** What goes on by itself: hatched. */
export const WaitBar = styled.span`
  ${block}
  height: 19px;
  padding: 0 4px 0 10px;
  font-size: 0.75rem;
  line-height: 16px;
  background: repeating-linear-gradient(
    -45deg,
    color-mix(in srgb, var(--own) 24%, var(--paper)) 0 4px,
    var(--paper) 4px 9px
  );
  ${band}
  ${chosen}
`
/** Where something that is being moved would stand. */
export const Ghost = styled.span`
  ${block}
  height: 44px;
  padding: 2px 2px 0 4px;
  border: 2px dashed var(--ink);
  background: color-mix(in srgb, var(--own) 40%, var(--paper));
  pointer-events: none;
  overflow: visible;
  z-index: 4;
  &[data-wrong='true'] {
    border-color: var(--madder);
    background: color-mix(in srgb, var(--madder) 30%, var(--paper));
  }
`
