import { renderToStaticMarkup } from 'react-dom/server'
import { BODIES, OPACITIES } from '@/core/vocabulary/cloth'
import { FallDrawing } from './fall'
import { CreaseDrawing, CrockingDrawing, DropDrawing, OpacityDrawing } from './grades'
import { GrainDrawing } from './grain'
import { HowToDrawing } from './HowTo'

const yarn = { fill: '#4a6b83', edge: '#22303a' }
const GRADES = [1, 2, 3, 4, 5]
const draw = (drawing: React.ReactElement) => renderToStaticMarkup(drawing)

/** All are pictures, none holds a sum gone wrong, and no two are alike. */
function allDiffer(pictures: readonly string[]) {
  for (const picture of pictures) {
    expect(picture).toMatch(/<svg.*<(path|circle|ellipse|rect)/)
    expect(picture).not.toMatch(/NaN|undefined|Infinity/)
  }
  expect(new Set(pictures).size).toBe(pictures.length)
}

it('every test has a drawing of its own of how it is done', () => {
  allDiffer(
    [
      'weigh',
      'stretch',
      'drape',
      'opacity',
      'crease',
      'water-drop',
      'crocking',
      'shrinkage',
      'grain',
      'lie',
      'loupe',
      'yarns',
      'weave',
      'inspect',
    ].map((test) => draw(<HowToDrawing test={test} />)),
  )
})

it.each(['drop', 'arm', 'edge'] as const)('a %s is drawn for each way to fall', (test) => {
  allDiffer(BODIES.map((body) => draw(<FallDrawing test={test} body={body} yarn={yarn} />)))
})

it('each grade of each look is drawn, over card and hand, dry and damp apart', () => {
  allDiffer(
    (['card', 'hand'] as const).flatMap((behind) =>
      OPACITIES.map((grade) => draw(<OpacityDrawing grade={grade} behind={behind} yarn={yarn} />)),
    ),
  )
  allDiffer(GRADES.map((grade) => draw(<CreaseDrawing grade={grade} yarn={yarn} />)))
  allDiffer(
    (['dry', 'wet'] as const).flatMap((rubbed) =>
      GRADES.slice(0, 4).map((grade) => draw(<CrockingDrawing grade={grade} rubbed={rubbed} yarn={yarn} />)),
    ),
  )
  allDiffer([0, 0.5, 1].map((sunk) => draw(<DropDrawing sunk={sunk} yarn={yarn} />)))
})

it('grain is drawn as it leans and bows, with the pull that would mend it', () => {
  const grain = (
    skewPercent: number,
    bowPercent: number,
    pull: 'near-left-and-far-right' | 'far-left-and-near-right' | null,
  ) =>
    draw(
      <GrainDrawing
        skewPercent={skewPercent}
        bowPercent={bowPercent}
        pull={pull}
        yarn={yarn}
        label="The cloth from above"
      />,
    )
  allDiffer([
    grain(0, 0, null),
    grain(2, 0, null),
    grain(-2, 0, null),
    grain(0, 2, null),
    grain(2, 0, 'near-left-and-far-right'),
    grain(2, 0, 'far-left-and-near-right'),
  ])
  expect(grain(2, 0, null)).toContain('aria-label="The cloth from above"')
})
