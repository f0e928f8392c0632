'use client'

import { isLongEnough } from '@/core/lay/strip'
import { type Saving } from '@/core/making/short'
import { type Leaning } from '@/core/making/leaning'
import { type WidthAsked } from '@/core/making/widths'
import { formatNeeded, formatWidth } from '@/core/units/format'
import { Button } from '@/ui/kit/buttons'
import { Actions, Columns, Figures, Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { useTelling } from './useTelling'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'
import { Say } from '@/ui/text/Say'

/** What else the table is asked: what each width takes, and what would make it fit. */
export function LayAdvice({ table, lay }: { table: LayoutEditor; lay: OnTable }) {
  const { task, answer } = lay
  const have = task.cloth?.lengthMm
  // What goes on no length of this cloth at all needs whatever brings it on.
  const needed = answer.unplaced.length > 0 ? Infinity : table.usedMm
  const isShort = have !== undefined && (answer.unplaced.length > 0 || !isLongEnough(have, table.usedMm))
  const leanDeg = table.grounds[0]?.leanDeg ?? 0
  if (!task.cloth) return null
  return (
    <Columns>
      <Lies table={table} />
      {isShort ? <Short table={table} lay={lay} neededMm={needed} /> : null}
      <Widths lay={lay} />
      {leanDeg !== 0 ? <Leanings table={table} lay={lay} leanDeg={leanDeg} /> : null}
    </Columns>
  )
}

/** Why parts do not lie along its length. */
const LIES_WORDS = {
  any:
    'It has no grain, so you can turn the pieces any way. On a hide, put pieces that must not ' +
    'stretch along the back.',
  crosswise: 'It stretches along its length, so lay the pieces crosswise: the stretch goes round the body.',
} as const

function Lies({ table }: { table: LayoutEditor }) {
  const lies = table.grounds[0]?.lies
  return lies ? <Callout>{LIES_WORDS[lies]}</Callout> : null
}

function Short({ table, lay, neededMm }: { table: LayoutEditor; lay: OnTable; neededMm: number }) {
  const { units } = usePreferences()
  const { told, isRunning, trouble, ask } = useTelling<Saving>()
  const pieces = lay.task.pieces.map((piece) => ({ ...piece, name: table.names.get(piece.id) ?? '' }))
  return (
    <Paper aria-labelledby="short-title">
      <h2 id="short-title">Not enough fabric?</h2>
      <Soft>What people try, the cheapest first. We lay out each one.</Soft>
      <Actions>
        <Button
          isDisabled={isRunning}
          onPress={() => ask((jobs, tell) => jobs.savings({ ...lay.task, pieces }, neededMm, tell))}
        >
          {isRunning ? 'Trying…' : 'What would make it fit?'}
        </Button>
      </Actions>
      {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
      <div role="status">
        {told && !isRunning && told.length === 0 ? 'None of these saves fabric here.' : null}
        <PlainList>
          {(told ?? []).map(({ id, text, lengthMm, fits }) => (
            <li key={id}>
              <strong>{fits ? 'Fits: ' : ''}</strong>
              <Say>{text}</Say> It needs {formatNeeded(lengthMm, units)} then.
            </li>
          ))}
        </PlainList>
      </div>
    </Paper>
  )
}

function Widths({ lay }: { lay: OnTable }) {
  const { units } = usePreferences()
  const { told, isRunning, trouble, ask } = useTelling<WidthAsked>()
  return (
    <Paper aria-labelledby="widths-title">
      <h2 id="widths-title">At the shop</h2>
      <Soft>What you need of each usual width, rounded up to what a shop cuts.</Soft>
      <Actions>
        <Button isDisabled={isRunning} onPress={() => ask((jobs, tell) => jobs.widths(lay.task, tell))}>
          {isRunning ? 'Laying out…' : 'How much of each width?'}
        </Button>
      </Actions>
      {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
      {told && told.length > 0 ? (
        <Figures>
          <caption className="visually-hidden">How much of each width</caption>
          <tbody>
            {told.map(({ widthMm, takes }) => (
              <tr key={widthMm}>
                <th scope="row">{formatWidth(widthMm, units)} wide</th>
                <td>{takes ? takes.buy.text : 'too narrow'}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
      ) : null}
    </Paper>
  )
}

const ALONG: Readonly<Record<Leaning['along'], { title: string; what: string }>> = {
  threads: { title: 'By the threads', what: 'it hangs straight, but the print is off grain' },
  print: { title: 'By the print', what: 'the print is straight, but the garment may twist' },
}

/** A print off grain cannot be pulled straight: both ways of laying on it, and which is taken. */
function Leanings({ table, lay, leanDeg }: { table: LayoutEditor; lay: OnTable; leanDeg: number }) {
  const { units } = usePreferences()
  const { told, isRunning, trouble, ask } = useTelling<Leaning>()
  const taken = table.wishes.along
  return (
    <Paper aria-labelledby="leaning-title">
      <h2 id="leaning-title">The print is off grain</h2>
      <Soft>
        It is off by {Math.abs(leanDeg).toFixed(1)}°, and you can never pull it straight. Laid out{' '}
        {ALONG[taken].title.toLowerCase()} now.
      </Soft>
      <Actions>
        <Button isDisabled={isRunning} onPress={() => ask((jobs, tell) => jobs.leanings(lay.task, leanDeg, tell))}>
          {isRunning ? 'Laying out…' : 'How much for each way?'}
        </Button>
      </Actions>
      {trouble ? <Callout $tone="warn">{trouble}</Callout> : null}
      <PlainList role="status">
        {(told ?? []).map(({ along, lengthMm }) => (
          <li key={along}>
            <strong>{ALONG[along].title}</strong>:{' '}
            {lengthMm === null ? 'does not fit' : formatNeeded(lengthMm, units)}; {ALONG[along].what}.{' '}
            {along === taken ? null : (
              <Button onPress={() => table.setWishes({ along })}>Lay out {ALONG[along].title.toLowerCase()}</Button>
            )}
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
