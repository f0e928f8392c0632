'use client'

import { useState } from 'react'
import { type GarmentRecord } from '@/core/notebook/kinds/garment'
import { boxOf, type Point } from '@/core/shapes/polygon'
import { outlineOf } from '@/core/upcycle/teardown/condition'
import { capitalise } from '@/core/units/format'
import { type Condition as Is } from '@/core/vocabulary/upcycling'
import { speakId } from '@/core/vocabulary/words'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { ClothSvg, placedStyle } from '../piece/shape/ClothSvg'
import { type ApartData } from './load'

type Place = GarmentRecord['places'][number]

interface Props extends Pick<ApartData, 'whole' | 'conditions'> {
  places: readonly Place[]
  onChange: (places: Place[]) => void
}

/** A place is at least so large, and one that is not drawn begins so, mm. */
const [LEAST_MM, NEW_MM] = [10, 60]

/** How it is, drawn on its panels: what is worn, stained or torn is not counted as cloth. */
export function ConditionFields({ whole, conditions, places, onChange }: Props) {
  const [shown, setShown] = useState(whole[0]?.id ?? '')
  const [is, setIs] = useState<Is>('stained')
  const [drawn, setDrawn] = useState<Place | null>(null)
  const panel = whole.find(({ id }) => id === shown) ?? whole[0]
  if (!panel) return null
  const box = boxOf(panel.outline)
  const own = places.flatMap((place, at) => (place.panel === panel.id ? [{ place, at }] : []))
  const placeAt = ([x, y]: Point, acrossMm: number): Place => ({
    panel: panel.id,
    is,
    x: share((x - box.minX) / (box.maxX - box.minX)),
    y: share((y - box.minY) / (box.maxY - box.minY)),
    acrossMm: Math.max(LEAST_MM, Math.round(acrossMm)),
    onEach: false,
  })
  const drag = (from: Point, to: Point, isDone: boolean) => {
    const across = Math.hypot(to[0] - from[0], to[1] - from[1])
    const one = placeAt([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], across < LEAST_MM ? NEW_MM : across)
    setDrawn(isDone ? null : one)
    if (isDone) onChange([...places, one])
  }
  return (
    <Paper aria-labelledby="condition">
      <h2 id="condition">Condition</h2>
      <Soft>Choose a panel, and drag across worn, stained or torn places. We cut them out of it.</Soft>
      <Fields>
        <SelectField
          label="Panel"
          value={panel.id}
          onChange={setShown}
          options={whole.map(({ id, count }) => [id, panelWords(id, count, places)] as const)}
        />
        <SelectField label="Problem" value={is} onChange={setIs} options={conditions} />
      </Fields>
      <ClothSvg
        box={box}
        label={`${capitalise(speakId(panel.id))}, ${own.length} marked. Drag across a place to mark it.`}
        onDrag={drag}
      >
        <path className="cloth" d={placedStyle([panel.outline])} />
        {[...own.map(({ place }) => place), ...(drawn ? [drawn] : [])].map((place, i) => (
          <path key={i} className={place.is === 'faded' ? 'pale' : 'flaw'} d={placedStyle([outlineOf(place, box)])} />
        ))}
      </ClothSvg>
      {own.map(({ place, at }, i) => (
        <PlaceFields
          key={at}
          number={i + 1}
          place={place}
          isOfSeveral={panel.count > 1}
          conditions={conditions}
          onChange={(next) => onChange(places.map((one, k) => (k === at ? next : one)))}
          onDrop={() => onChange(places.filter((_, k) => k !== at))}
        />
      ))}
      <Actions>
        <Button onPress={() => onChange([...places, placeAt(middleOf(box), NEW_MM)])}>Mark a place</Button>
      </Actions>
    </Paper>
  )
}

const share = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000
const middleOf = ({ minX, maxX, minY, maxY }: ReturnType<typeof boxOf>): Point => [
  (minX + maxX) / 2,
  (minY + maxY) / 2,
]

function panelWords(id: string, count: number, places: readonly Place[]): string {
  const marked = places.filter(({ panel }) => panel === id).length
  const many = count > 1 ? `${count} × ` : ''
  return `${many}${speakId(id)}${marked > 0 ? `, ${marked} marked` : ''}`
}

interface PlaceProps extends Pick<Props, 'conditions'> {
  number: number
  place: Place
  /** Whether there are several such panels. */
  isOfSeveral: boolean
  onChange: (place: Place) => void
  onDrop: () => void
}

/** One mark in figures, for those who do not draw. */
function PlaceFields({ number, place, isOfSeveral, conditions, onChange, onDrop }: PlaceProps) {
  const figure = (label: string, unit: string, value: number, set: (given: number) => Partial<Place>) => (
    <NumberField
      label={label}
      unit={unit}
      minValue={0}
      value={value}
      onChange={(given) => (Number.isNaN(given) ? undefined : onChange({ ...place, ...set(given) }))}
    />
  )
  return (
    <Stack $gap="0.4rem" role="group" aria-label={`Place ${number}`}>
      <Actions>
        <b>Place {number}</b>
        <QuietButton onPress={onDrop} aria-label={`Delete place ${number}`}>
          Delete
        </QuietButton>
      </Actions>
      <Fields>
        <SelectField
          label="Problem"
          value={place.is}
          onChange={(is) => onChange({ ...place, is })}
          options={conditions}
        />
        {figure('From the left', '%', Math.round(place.x * 100), (given) => ({ x: share(given / 100) }))}
        {figure('From the bottom', '%', Math.round(place.y * 100), (given) => ({ y: share(given / 100) }))}
        {figure('Width', 'cm', place.acrossMm / 10, (given) => ({
          acrossMm: Math.min(2000, Math.max(LEAST_MM, given * 10)),
        }))}
      </Fields>
      {isOfSeveral ? (
        <CheckField isSelected={place.onEach} onChange={(onEach) => onChange({ ...place, onEach })}>
          On each of them
        </CheckField>
      ) : null}
    </Stack>
  )
}
