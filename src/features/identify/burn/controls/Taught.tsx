'use client'

import { featureById } from '@/core/identify/features'
import { type OwnWay } from '@/core/identify/observerCalibration'
import { fibreName } from '@/core/identify/words'
import { formatPercent } from '@/core/units/format'
import { Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { statesWords } from '../../../shared/burn/session'
import { usePreferences } from '../../../shared/settings/PreferencesContext'

/** The fewest burns of one fibre that move anything much. */
const ENOUGH_BURNS = 3

/** What the known pieces taught the program about this person's nose and eye. */
export function Taught({ ways, burns }: { ways: readonly OwnWay[]; burns: number }) {
  const { words } = usePreferences()
  return (
    <Paper aria-labelledby="nose">
      <h2 id="nose">What they taught</h2>
      {ways.length === 0 ? (
        <Soft>
          {burns === 0
            ? 'Nothing yet: no known piece has been burnt.'
            : `Nothing that matters yet. About ${ENOUGH_BURNS} burns of one fibre begin to count; a ` +
              'single slip does no harm.'}
        </Soft>
      ) : (
        <PlainList>
          {ways.slice(0, 6).map(({ feature, fibres: alike, says, common, own }) => (
            <li key={`${feature} ${alike.join()} ${says}`}>
              <b>
                {featureById(feature).title},{' '}
                {alike
                  .slice(0, 3)
                  .map((id) => fibreName(id, words))
                  .join(', ')}
                :
              </b>{' '}
              you say “{statesWords(feature, [says])}” more often than most, so it is reckoned with at{' '}
              {formatPercent(own)} instead of {formatPercent(common)}.
            </li>
          ))}
        </PlainList>
      )}
      <Soft>
        Your own reports never weigh more than everybody’s together, and a piece that looks impure teaches nothing.
      </Soft>
    </Paper>
  )
}
