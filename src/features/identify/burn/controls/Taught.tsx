'use client'

import { featureById } from '@/core/identify/features'
import { type OwnWay } from '@/core/identify/observerCalibration'
import { fibreName } from '@/core/identify/words'
import { formatPercent } from '@/core/units/format'
import { Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { statesWords } from '../../../shared/burn/session'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { Say } from '@/ui/text/Say'

/** The fewest burns of one fibre that move anything much. */
const ENOUGH_BURNS = 3

/** What the known pieces taught the program about this person's nose and eye. */
export function Taught({ ways, burns }: { ways: readonly OwnWay[]; burns: number }) {
  const { words } = usePreferences()
  return (
    <Paper aria-labelledby="nose">
      <h2 id="nose">What your samples taught us</h2>
      {ways.length === 0 ? (
        <Soft>
          <Say>
            {burns === 0
              ? 'Nothing yet: you have not burnt a known sample.'
              : `Nothing that matters yet. About ${ENOUGH_BURNS} burns of one fibre begin to count; a single ` +
                'mistake does no harm.'}
          </Say>
        </Soft>
      ) : (
        <PlainList>
          {ways.slice(0, 6).map(({ feature, fibres: alike, says, common, own }) => (
            <li key={`${feature} ${alike.join()} ${says}`}>
              <b>
                <Say>{featureById(feature).title}</Say>,{' '}
                {alike
                  .slice(0, 3)
                  .map((id) => fibreName(id, words))
                  .join(', ')}
                :
              </b>{' '}
              you say “<Say>{statesWords(feature, [says])}</Say>” more often than most people, so we count it as{' '}
              {formatPercent(own)} instead of {formatPercent(common)}.
            </li>
          ))}
        </PlainList>
      )}
      <Soft>
        Your own reports never count for more than everybody’s together, and a sample that looks impure is not used.
      </Soft>
    </Paper>
  )
}
