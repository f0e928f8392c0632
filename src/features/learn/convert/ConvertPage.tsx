'use client'

import Link from 'next/link'
import { useState } from 'react'
import { needleSizes } from '@/core/sew/needleSizes'
import { inAllUnits, QUANTITIES, type QuantityId, type Unit } from '@/core/units/convert'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Fields, Figures, Lead, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { itemAt } from '@/core/lists/items'

/** How hot each number of dots is, and which fibres bear it. */
export interface Dots {
  dots: number
  celsius: number
  fibres: string
}

/** One figure in every unit that a book, a shop or a pattern may have it in. */
export function ConvertPage({ dots }: { dots: readonly Dots[] }) {
  return (
    <Page>
      <div>
        <h1>Convert units</h1>
        <Lead>See one figure in every unit that a book, a shop or a pattern may use.</Lead>
      </div>
      <Columns $first="1fr">
        {(Object.keys(QUANTITIES) as QuantityId[]).map((id) => (
          <Desk key={id} id={id} />
        ))}
        <Paper aria-labelledby="needles">
          <h2 id="needles">Machine needles</h2>
          <Figures>
            <thead>
              <tr>
                <th scope="col">NM (100 × mm)</th>
                <th scope="col">US</th>
              </tr>
            </thead>
            <tbody>
              {needleSizes.map(({ nm, us }) => (
                <tr key={nm}>
                  <th scope="row">{nm}</th>
                  <td>{us}</td>
                </tr>
              ))}
            </tbody>
          </Figures>
        </Paper>
        <Paper aria-labelledby="dots">
          <h2 id="dots">Iron dots (ISO 3758)</h2>
          <Figures>
            <tbody>
              {dots.map(({ dots: many, celsius, fibres }) => (
                <tr key={many}>
                  <th scope="row">
                    <span aria-label={`${many} dots`}>{'•'.repeat(many)}</span>
                  </th>
                  <td>{celsius} °C</td>
                  <td>{fibres}</td>
                </tr>
              ))}
            </tbody>
          </Figures>
          <Soft>The 2023 edition may say 120, 160 and 210 °C: follow the label first.</Soft>
        </Paper>
      </Columns>
    </Page>
  )
}

function Desk({ id }: { id: QuantityId }) {
  const { title, usual } = QUANTITIES[id]
  const units: readonly Unit[] = QUANTITIES[id].units
  const [unit, setUnit] = useState(itemAt(units, 0).id)
  const [value, setValue] = useState<number>(usual)
  const all = value > 0 ? inAllUnits(id, unit, value) : []
  return (
    <Paper aria-labelledby={`desk-${id}`}>
      <h2 id={`desk-${id}`}>{title}</h2>
      <Stack>
        <Fields>
          <NumberField
            label={`${title}: value`}
            value={value}
            minValue={0}
            maxValue={1e6}
            onChange={(next) => (Number.isNaN(next) ? undefined : setValue(next))}
          />
          <SelectField
            label={`${title}: in`}
            value={unit}
            onChange={setUnit}
            options={units.map((one) => [one.id, one.words] as const)}
          />
        </Fields>
        <Figures aria-live="polite">
          <tbody>
            {all.map((one, i) => (
              <tr key={one.words}>
                <th scope="row">
                  <Link href={`/learn/units/${itemAt(units, i).id}`}>{one.words}</Link>
                </th>
                <td>{one.value}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
      </Stack>
    </Paper>
  )
}
