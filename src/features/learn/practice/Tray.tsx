'use client'

import { type ReactNode } from 'react'
import styled from 'styled-components'
import { BurnStrip } from '@/ui/burn'
import { Button } from '@/ui/kit/buttons'
import { Columns, Paper } from '@/ui/kit/surfaces'
import { type BurntSet, type PracticeStage } from './stages'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

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
  stages: readonly PracticeStage[]
  /** Stages that were asked for. */
  asked: readonly string[]
  /** Everything is shown, and nothing asked any more. */
  isOpen?: boolean
  onAsk: (feature: string) => void
  /** Stands beside what is asked. */
  children: ReactNode
}

/** One strip, with what was asked for of it. */
function Strip({ set, shown }: { set: BurntSet; shown: readonly PracticeStage[] }) {
  const own = shown.map(({ feature, title, shows }) => ({
    feature,
    title,
    ...mustHave(shows.find((one) => one.set === set)),
  }))
  const describe = (features: readonly string[]) =>
    own
      .filter(({ feature }) => features.includes(feature))
      .map(({ title, says }) => `${title}: ${says}`)
      .join('; ') || 'not looked at'
  const strip = (
    <BurnStrip seen={Object.fromEntries(own.map(({ feature, states }) => [feature, states]))} describe={describe} />
  )
  if (set === 'whole') return strip
  return (
    <section aria-label={`The ${set}, burnt separately`}>
      <h2>{set === 'warp' ? 'The warp (lengthwise yarns)' : 'The weft (crosswise yarns)'}</h2>
      {strip}
    </section>
  )
}

/** A specimen on the tray: its strip with what was asked for, and what else can be looked at. */
export function Tray({ stages, asked, isOpen = false, onAsk, children }: Props) {
  const shown = stages.filter(({ feature }) => isOpen || asked.includes(feature))
  const sets = stages[0]?.shows.map(({ set }) => set) ?? []
  return (
    <>
      {sets.map((set) => (
        <Strip key={set} set={set} shown={shown} />
      ))}
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
                      <b>
                        <Say>{title}</Say>:
                      </b>{' '}
                      <Say>{says}</Say>
                    </span>
                  ) : (
                    <Button onPress={() => onAsk(feature)}>
                      <Say>{title}</Say>
                    </Button>
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
