import styled from 'styled-components'
import { areaOfOutline, boundsOf, type Outline } from '@/core/stash/shape'

const Drawing = styled.svg`
  display: block;
  width: 100%;
  max-height: 16rem;
  path {
    fill: var(--paper-deep);
    stroke: var(--ink);
    vector-effect: non-scaling-stroke;
  }
`

/** An opened garment or an offcut as it lies, its warp upright. */
export function OutlineDrawing({ outline, name }: { outline: Outline; name: string }) {
  const { widthMm, lengthMm } = boundsOf(outline)
  const [left, top] = [0, 1].map((axis) => Math.min(...outline.points.map((point) => point[axis]!)))
  const path = [outline.points, ...outline.holes]
    .map((points) => `M${points.map(([x, y]) => `${x} ${y}`).join('L')}Z`)
    .join('')
  const area = areaOfOutline(outline) / 1e6
  const margin = Math.max(widthMm, lengthMm) * 0.02
  return (
    <figure>
      <Drawing
        role="img"
        aria-label={`The outline of ${name}`}
        viewBox={`${left! - margin} ${top! - margin} ${widthMm + 2 * margin} ${lengthMm + 2 * margin}`}
      >
        <path d={path} fillRule="evenodd" />
      </Drawing>
      <figcaption>{area.toFixed(2)} m² as it lies, warp upright</figcaption>
    </figure>
  )
}
