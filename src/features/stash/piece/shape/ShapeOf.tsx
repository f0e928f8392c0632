'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { boxOutline, boxOf, type Box, type Point } from '@/core/shapes/polygon'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Columns, Fields, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { fieldUnits, fromField, toField } from '../../../shared/settings/measures'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { keepShape } from '../kinActions'
import { type PieceData } from '../types'
import { layClothOf, flawAt } from './clothOf'
import { ClothSvg, placedStyle } from './ClothSvg'

// Opened by few: loaded when it is.
const PhotoOutline = dynamic(() =>
  import('../../../shared/cutOut/PhotoOutline').then(({ PhotoOutline: part }) => part),
)

/** A stain is at least so large, and a new one starts so, mm. */
const [LEAST, NEW] = [10, 80]
const asPairs = (points: readonly Point[]) => points.map(([x, y]): [number, number] => [Math.round(x), Math.round(y)])

/** The shape of a piece from a photograph, and the places on it that nothing is cut from. */
export function ShapeOf({ piece }: Pick<PieceData, 'piece'>) {
  const { busy, trouble, doing } = useAsyncAction()
  const cloth = layClothOf(piece)
  const keepOutline = (points: readonly Point[], holes: readonly Point[][]) =>
    doing(() => keepShape(piece.id, { outline: { points: asPairs(points), holes: holes.map(asPairs) }, flaws: [] }))
  return (
    <Stack>
      {cloth ? (
        <Flaws key={JSON.stringify(piece.flaws)} piece={piece} cloth={cloth.points} />
      ) : (
        <Callout>Enter its width and length, or take a photo: then you can mark stains.</Callout>
      )}
      <WhenOpened summary="Irregular shape? Get its outline from a photo">
        {() => (
          <PhotoOutline>
            {(outline, holes) => (
              <StrongButton isDisabled={busy} onPress={() => keepOutline(outline, holes)}>
                Save shape
              </StrongButton>
            )}
          </PhotoOutline>
        )}
      </WhenOpened>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

function Flaws({ piece, cloth }: Pick<PieceData, 'piece'> & { cloth: readonly Point[] }) {
  const { busy, trouble, doing } = useAsyncAction()
  const [flaws, setFlaws] = useState<readonly Box[]>(piece.flaws.map(boxOf))
  const [drawn, setDrawn] = useState<Box | null>(null)
  const box = boxOf(cloth)
  const isChanged = JSON.stringify(flaws) !== JSON.stringify(piece.flaws.map(boxOf))
  const add = (one: Box) => setFlaws((before) => [...before, one])
  const drag = (from: Point, to: Point, isDone: boolean) => {
    const size = [Math.max(LEAST, Math.abs(to[0] - from[0])), Math.max(LEAST, Math.abs(to[1] - from[1]))] as const
    const one = flawAt(cloth, [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], size)
    setDrawn(isDone ? null : one)
    if (isDone) add(one)
  }
  const keep = () =>
    doing(() =>
      keepShape(piece.id, { outline: piece.outline, flaws: flaws.map((flaw) => asPairs(boxOutline(flaw))) }),
    )
  return (
    <Columns $first="1.4fr">
      <ClothSvg
        box={box}
        label={`${piece.name} with ${flaws.length} marked. Drag across a stain to mark it.`}
        onDrag={drag}
      >
        <path className="cloth" d={placedStyle([cloth, ...(piece.outline?.holes ?? [])])} fillRule="evenodd" />
        {[...flaws, ...(drawn ? [drawn] : [])].map((flaw, i) => (
          <path key={i} className="flaw" d={placedStyle([boxOutline(flaw)])} />
        ))}
      </ClothSvg>
      <Stack>
        <Soft>
          Drag across a stain, a hole or a worn place to mark it. Layouts avoid it.
          {piece.outline ? '' : ' Up is along the length; the near end is at the bottom.'}
        </Soft>
        {flaws.map((flaw, i) => (
          <FlawFields
            key={i}
            number={i + 1}
            flaw={flaw}
            cloth={cloth}
            onChange={(next) => setFlaws(flaws.map((one, k) => (k === i ? next : one)))}
            onDrop={() => setFlaws(flaws.filter((_, k) => k !== i))}
          />
        ))}
        <Actions>
          <Button onPress={() => add(flawAt(cloth, middleOf(box), [NEW, NEW]))}>Mark a place</Button>
          {isChanged ? (
            <StrongButton isDisabled={busy} onPress={keep}>
              Save marks
            </StrongButton>
          ) : null}
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Columns>
  )
}

const middleOf = ({ minX, maxX, minY, maxY }: Box): Point => [(minX + maxX) / 2, (minY + maxY) / 2]

interface FieldsProps {
  number: number
  flaw: Box
  cloth: readonly Point[]
  onChange: (flaw: Box) => void
  onDrop: () => void
}

/** One mark in figures: where its middle is, and how large it is. */
function FlawFields({ number, flaw, cloth, onChange, onDrop }: FieldsProps) {
  const { short } = fieldUnits(usePreferences().units)
  const edge = boxOf(cloth)
  const [x, y] = middleOf(flaw)
  const [width, length] = [flaw.maxX - flaw.minX, flaw.maxY - flaw.minY]
  const field = (label: string, value: number, set: (mm: number) => Box) => (
    <NumberField
      label={label}
      unit={short.symbol}
      minValue={0}
      value={toField(value, short)}
      onChange={(given) => {
        const mm = fromField(given, short)
        if (mm !== null) onChange(set(mm))
      }}
    />
  )
  return (
    <Stack $gap="0.4rem" role="group" aria-label={`Mark ${number}`}>
      <Actions>
        <b>Mark {number}</b>
        <QuietButton onPress={onDrop} aria-label={`Delete mark ${number}`}>
          Delete
        </QuietButton>
      </Actions>
      <Fields>
        {field('From the left', x - edge.minX, (mm) => flawAt(cloth, [edge.minX + mm, y], [width, length]))}
        {field('From the near end', y - edge.minY, (mm) => flawAt(cloth, [x, edge.minY + mm], [width, length]))}
        {field('Width', width, (mm) => flawAt(cloth, [x, y], [Math.max(LEAST, mm), length]))}
        {field('Length', length, (mm) => flawAt(cloth, [x, y], [width, Math.max(LEAST, mm)]))}
      </Fields>
    </Stack>
  )
}
