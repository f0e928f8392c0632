'use client'

import { lengthToMatch, offGrainPrint, printScale } from '@/core/measure/lie/print'
import { NumberField } from '@/ui/kit/NumberField'
import { Fields, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { fieldUnits, fromField, toField } from '../../../../shared/settings/measures'
import { usePreferences } from '../../../../shared/settings/PreferencesContext'
import { type LiePart } from './draft'

export function PrintFields({ draft, onChange }: LiePart) {
  const { fine, short } = fieldUnits(usePreferences().units)
  const { printRepeatMm: repeat, printOffMm: off, widthMm: width } = draft
  const print = off !== null && width ? offGrainPrint(off, width) : null
  const field = (key: 'printRepeatMm' | 'printOffMm' | 'widthMm', label: string, unit: typeof fine) => (
    <NumberField
      label={label}
      unit={unit.symbol}
      minValue={0}
      value={toField(draft[key], unit)}
      onChange={(value) => {
        const mm = fromField(value, unit)
        onChange({ [key]: key === 'printOffMm' ? mm : mm || null })
      }}
    />
  )
  return (
    <Paper aria-labelledby="print">
      <h2 id="print">Print or woven pattern</h2>
      <Soft>
        The repeat is the distance from one motif to the same motif again. To see how far it is off grain, pull one
        crosswise thread, and measure from it to the print at the far edge.
      </Soft>
      <Fields>
        {field('printRepeatMm', 'Repeat', short)}
        {field('printOffMm', 'Off grain by', fine)}
        {field('widthMm', 'Over a width of', short)}
      </Fields>
      {repeat ? (
        <p>
          {printScale(repeat).words}
          {printScale(repeat).scale === 'small'
            ? ''
            : ` Matching takes up to ${toField(lengthToMatch(repeat, 1), short).toFixed(0)} ${short.symbol} ` +
              'more for each length that lies under another.'}
        </p>
      ) : null}
      {print ? (
        <Callout $tone={print.verdict === 'fine' ? 'good' : 'warn'}>
          The print is off grain by {print.degrees.toFixed(1)}°. {print.words}
        </Callout>
      ) : null}
    </Paper>
  )
}
