'use client'

import { type ReactNode } from 'react'
import styled from 'styled-components'
import { BurnStrip } from '@/ui/burn'
import { Button } from '@/ui/kit/buttons'
import { Columns, Paper } from '@/ui/kit/surfaces'
import { type Stage } from './stages'

const Asks = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem 1rem;
  align-items: center;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
`

interface Props {
  stages: readonly Stage[]
  /** Stages that were asked for. */
  asked: readonly string[]
  /** Everything is shown, and nothing asked any more. */
  isOpen?: boolean
  onAsk: (feature: string) => void
  /** Stands beside what is asked. */
  children: ReactNode
}

/** A specimen on the tray: its strip with what was asked for, and what else can be looked at. */
export function Tray({ stages, asked, isOpen = false, onAsk, children }: Props) {
  const shown = stages.filter(({ feature }) => isOpen || asked.includes(feature))
  const seen = Object.fromEntries(shown.map(({ feature, states }) => [feature, states]))
  const describe = (features: readonly string[]) =>
    shown
      .filter(({ feature }) => features.includes(feature))
      .map(({ title, says }) => `${title}: ${says}`)
      .join('; ') || 'not looked at'
  return (
    <>
      <BurnStrip seen={seen} describe={describe} />
      {isOpen ? (
        children
      ) : (
        <Columns $first="1.4fr">
          <Paper aria-labelledby="ask">
            <h2 id="ask">What do you look at?</h2>
            <Asks>
              {stages.map(({ feature, title, says }) => (
                <li key={feature}>
                  {asked.includes(feature) ? (
                    <span role="status">
                      <b>{title}:</b> {says}
                    </span>
                  ) : (
                    <Button onPress={() => onAsk(feature)}>{title}</Button>
                  )}
                </li>
              ))}
            </Asks>
          </Paper>
          {children}
        </Columns>
      )}
    </>
  )
}
