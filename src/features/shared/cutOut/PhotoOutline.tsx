'use client'

import { useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { type Point } from '@/core/shapes/polygon'
import { areaOf, boxOf } from '@/core/shapes/polygon'
import { formatLength } from '@/core/units/format'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Lead, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { type PictureView } from '../picture/jobs'
import { Source } from '../picture/Source'
import { Mark, PictureStage, type Spot } from '../picture/Stage'
import { Working } from '../picture/Working'
import { fieldUnits, fromField, toField } from '../settings/measures'
import { usePreferences } from '../settings/PreferencesContext'
import { type CutOutMeasure } from './outlineOf'
import { useCutOut, type CutOutWork } from './useCutOut'
import { Say } from '@/ui/text/Say'

const Edge = styled.polygon`
  fill: #ffd23f;
  fill-opacity: 0.25;
  stroke: #111;
  vector-effect: non-scaling-stroke;
  stroke-width: 2.5px;
`
const Hole = styled.polygon`
  fill: #fff;
  fill-opacity: 0.35;
  stroke: #111;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
  stroke-width: 2.5px;
  &[data-hole='false'] {
    fill-opacity: 0;
    stroke-opacity: 0.45;
  }
`
const Sheet = styled.polygon`
  fill: none;
  stroke: #0a6fb8;
  stroke-dasharray: 8 4;
  vector-effect: non-scaling-stroke;
  stroke-width: 2.5px;
`
const BY: readonly (readonly [CutOutMeasure['by'], string])[] = [
  ['a4', 'a sheet of A4 beside it'],
  ['letter', 'a sheet of Letter beside it'],
  ['ruler', 'a ruler, photographed from straight above'],
]

const spotOf = ([x, y]: Point): Spot => ({ x, y })
const pointOf = ({ x, y }: Spot): Point => [x, y]
const path = (points: readonly Point[]) => points.map((at) => at.join(',')).join(' ')
const changed = (points: readonly Point[], index: number, to: Spot): Point[] =>
  points.map((at, i) => (i === index ? pointOf(to) : at))

/**
 * The outline of a thing from a photograph: cut out of the floor, measured by a sheet of paper, put right by hand.
 * @param children what is done with the outline and the holes in it, mm
 */
export function PhotoOutline({ children }: { children: (outline: Point[], holes: Point[][]) => ReactNode }) {
  const all = useCutOut()
  const { work, outline, holesMm } = all
  return (
    <Stack>
      <Soft>
        <Say>
          Put it flat on a plain floor of another colour, with a sheet of paper beside it, its long side along the
          grain. Take all of it in, with floor all round. Daylight from more than one side gives the least shadow.
        </Say>
      </Soft>
      <Source work={work} />
      <Working work={work} />
      {work.picture ? (
        <Columns $first="1.7fr">
          <Picture all={all} view={work.picture.view} />
          <Stack>
            <Said all={all} />
            {outline ? <Holes all={all} /> : null}
            {outline ? children(outline, holesMm) : null}
            <Fields all={all} />
          </Stack>
        </Columns>
      ) : null}
    </Stack>
  )
}

/** What was found, first: how large it is, or what is missing. */
function Said({ all: { outline, holesMm, points, isCutOff, measure, work } }: { all: CutOutWork }) {
  const { units } = usePreferences()
  if (work.progress !== null) return <Soft>Working…</Soft>
  if (!points) return null
  if (!outline)
    return (
      <Callout $tone="warn">
        {measure.by === 'ruler'
          ? 'Move the two marks to the ruler, and enter the distance between them.'
          : 'We found no sheet of paper. Move the four corners by hand, or say that there is a ruler.'}
      </Callout>
    )
  const { maxX, maxY } = boxOf(outline)
  const cloth = areaOf(outline) - holesMm.reduce((sum, hole) => sum + areaOf(hole), 0)
  return (
    <>
      <Lead role="status">
        {formatLength(maxX, units)} across, {formatLength(maxY, units)} along, {(cloth / 1e6).toFixed(3)} m², to about
        1 %.
      </Lead>
      {isCutOff ? (
        <Callout $tone="warn">It reaches the edge of the photo: take another one, with floor all round.</Callout>
      ) : null}
    </>
  )
}

/** Where the floor shows through, or only a print of its colour: the person knows which. */
function Holes({ all: { holes, takeHole } }: { all: CutOutWork }) {
  if (holes.length === 0) return null
  return (
    <CheckGroup legend="Holes where the floor shows (untick prints of the same colour)">
      {holes.map(({ isHole }, i) => (
        <CheckField key={i} isSelected={isHole} onChange={(next) => takeHole(i, next)}>
          Hole {i + 1}
          {i === 0 && holes.length > 1 ? ', the largest' : ''}
        </CheckField>
      ))}
    </CheckGroup>
  )
}

function Fields({ all }: { all: CutOutWork }) {
  const { measure, setBy, marks, setRuler, isOnlyDarker, setOnlyDarker } = all
  const { short } = fieldUnits(usePreferences().units)
  return (
    <Stack>
      <SelectField
        label="Scale from"
        value={measure.by}
        onChange={(by) => setBy(by as CutOutMeasure['by'])}
        options={BY}
      />
      {measure.by === 'ruler' ? (
        <NumberField
          label="From mark to mark"
          unit={short.symbol}
          minValue={0}
          value={toField(marks.lengthMm, short)}
          onChange={(value) => setRuler({ ...marks, lengthMm: fromField(value, short) })}
        />
      ) : null}
      <CheckField isSelected={isOnlyDarker} onChange={setOnlyDarker}>
        <Say>This place is only darker than the floor, not another colour</Say>
      </CheckField>
      <Soft>
        Is the wrong thing outlined? Click the right one. To correct a corner, show the points and move them with the
        mouse or arrow keys; Delete removes one.
      </Soft>
    </Stack>
  )
}

function Picture({ all, view }: { all: CutOutWork; view: PictureView }) {
  const { points, setPoints, holes, pointAt, measure, corners, setCorners, marks, setRuler } = all
  const [isOpen, setOpen] = useState(false)
  const shown = measure.by === 'ruler' ? null : (corners ?? startCorners(view))
  return (
    <Stack>
      <PictureStage view={view} label="Photo" onSpot={isOpen ? undefined : (spot) => pointAt(pointOf(spot))}>
        {points ? <Edge points={path(points)} /> : null}
        {holes.map((hole, i) => (
          <Hole key={i} points={path(hole.points)} data-hole={hole.isHole} />
        ))}
        {shown ? <Sheet points={path(shown)} /> : null}
        {shown?.map((at, i) => (
          <Mark
            key={`corner ${i}`}
            at={spotOf(at)}
            view={view}
            name={`Corner ${i + 1} of the sheet`}
            onMove={(to) => setCorners(changed(shown, i, to))}
          />
        ))}
        {measure.by === 'ruler'
          ? marks.marks.map((at, i) => (
              <Mark
                key={`mark ${i}`}
                at={spotOf(at)}
                view={view}
                name={`Mark ${i + 1} on the ruler`}
                onMove={(to) => setRuler({ ...marks, marks: changed(marks.marks, i, to) as [Point, Point] })}
              />
            ))
          : null}
        {isOpen && points
          ? points.map((at, i) => (
              <Mark
                key={`point ${i}`}
                isSmall
                at={spotOf(at)}
                view={view}
                name={`Point ${i + 1} of the outline`}
                onMove={(to) => setPoints(changed(points, i, to))}
                onDrop={points.length > 3 ? () => setPoints(points.filter((_, k) => k !== i)) : undefined}
              />
            ))
          : null}
      </PictureStage>
      <CheckField isSelected={isOpen} onChange={setOpen}>
        Show points to move them
      </CheckField>
    </Stack>
  )
}

/** Where the corners wait until the person has set them. */
function startCorners({ left, top, width, height }: PictureView): Point[] {
  const at = (x: number, y: number): Point => [left + width * x, top + height * y]
  return [at(0.04, 0.05), at(0.18, 0.05), at(0.18, 0.3), at(0.04, 0.3)]
}
