'use client'

import { Button as AriaButton, ToggleButton } from 'react-aria-components'
import styled, { css } from 'styled-components'
import { pressableStyle } from '@/ui/kit/pressable'
import { Stack } from '@/ui/kit/surfaces'
import { SMALL } from '../smallScreen'

const choice = css`
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  gap: 0.1rem;
  min-height: 56px;
  padding: 0.5rem 0.7rem 0.6rem;
  text-align: left;
  background: var(--paper);
  color: var(--ink);
  border: 2px solid var(--ink-soft);
  border-radius: 4px;
  b {
    font-size: 1.05rem;
    line-height: 1.2;
  }
  small {
    color: var(--ink-soft);
    line-height: 1.25;
  }
  svg {
    display: block;
    width: 100%;
    height: 6.4rem;
    margin: 0 0 auto;
  }
  kbd {
    position: absolute;
    right: 0.5rem;
    top: 0.4rem;
    font: inherit;
    font-size: 0.85rem;
    font-weight: 700;
    border: 1.5px solid var(--line);
    border-radius: 3px;
    min-width: 1.5rem;
    text-align: center;
    background: var(--paper);
  }
  b,
  small {
    display: block;
  }
  /* Without a picture the key stands beside the words. */
  kbd + span b {
    padding-right: 1.9rem;
  }
  ${pressableStyle}
  &[data-selected] {
    border-color: var(--indigo);
    box-shadow: inset 0 0 0 3px var(--indigo);
    background: color-mix(in srgb, var(--indigo) 12%, var(--paper));
  }
  @media (max-width: 40rem) {
    svg {
      height: 4.6rem;
    }
    small {
      font-size: 0.8rem;
    }
    padding: 0.4rem 0.5rem;
  }
`
export const AnswerGrid = styled.div<{ $few: boolean }>`
  display: grid;
  gap: 0.7rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, ${({ $few }) => ($few ? '12.5rem' : '9.5rem')}), 1fr));
  @media (max-width: 40rem) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.5rem;
  }
`

/** The key beside what it presses: where there is a keyboard. */
export const KeyHint = styled.span`
  ${SMALL} {
    display: none;
  }
`

/** On a small screen: the answers scroll where they must, and what ends the question stays in reach. */
const filling = css`
  display: flex;
  flex-direction: column;
  flex: 1 1 auto;
  min-height: 0;
  gap: 0.4rem;
  .asked {
    padding-inline: 0.75rem;
    h2 {
      font-size: 1.15rem;
    }
    p {
      font-size: 0.88rem;
      line-height: 1.25;
    }
  }
  .in-between {
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
    flex: 1 1 auto;
    min-height: 4rem;
    overflow: auto;
    padding: 3px 0.75rem;
  }
  /* Where even the question has no room, it scrolls with its answers. */
  @media (max-height: 34rem) {
    overflow: auto;
    .in-between {
      flex: none;
      overflow: visible;
    }
    .end {
      position: sticky;
      bottom: 0;
    }
  }
  .end {
    flex-wrap: nowrap;
    gap: 0.5rem;
    padding: 0.4rem 0.75rem calc(0.4rem + env(safe-area-inset-bottom));
    border-top: 1px solid var(--line);
    background: var(--paper);
    > * {
      flex: 1 1 0;
      padding-inline: 0.25rem;
    }
  }
  ${AnswerGrid} {
    gap: 5px;
    flex: none;
    > * {
      flex-direction: row;
      align-items: center;
      justify-content: flex-start;
      gap: 0.4rem;
      min-height: 56px;
      padding: 0.2rem 0.35rem;
    }
    svg {
      flex: none;
      width: 3.2rem;
      height: 2.9rem;
      margin: 0;
    }
    kbd {
      display: none;
    }
    kbd + span b,
    b {
      padding: 0;
      font-size: 0.98rem;
      line-height: 1.1;
    }
    small {
      display: block;
      font-size: 0.8rem;
      line-height: 1.15;
      padding-top: 0.1rem;
    }
  }
  ${AnswerGrid}[data-few='true'] {
    > * {
      min-height: 7rem;
    }
    svg {
      width: 4.6rem;
      height: 4.2rem;
    }
  }
  /* Where there are many answers, their drawings and names say enough. */
  ${AnswerGrid}[data-many='true'] small {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
`

/** On a small screen the question fills it: the answers scroll where they must, and what ends it stays in reach. */
export const Filling = styled(Stack)<{ $fills: boolean }>`
  .in-between {
    display: contents;
  }
  ${SMALL} {
    ${({ $fills }) => $fills && filling}
  }
`
export const OneAnswer = styled(AriaButton)`
  ${choice}
`
export const ToggleAnswer = styled(ToggleButton)`
  ${choice}
`
