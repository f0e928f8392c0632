import styled from 'styled-components'
import { type DrawingStroke } from '@/core/sew/techniques'

const Drawing = styled.svg`
  display: block;
  width: 100%;
  max-width: 15rem;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 3px;
  path {
    fill: none;
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  .cloth {
    stroke: var(--indigo);
    stroke-width: 2.6;
  }
  .other {
    stroke: var(--weld);
    stroke-width: 2.6;
  }
  .tape {
    stroke: var(--green);
    stroke-width: 2;
  }
  .stitch {
    stroke: var(--madder);
    stroke-width: 1.4;
    stroke-dasharray: 2.6 2.2;
  }
  .cut {
    stroke: var(--ink);
    stroke-width: 1;
    stroke-dasharray: 6 2 1 2;
  }
  .fold {
    stroke: var(--ink-soft);
    stroke-width: 1;
    stroke-dasharray: 1.5 2;
  }
`

/** One step of a technique, the cloth seen from its edge; its words stand beside it. */
export function TechniqueDrawing({ drawing }: { drawing: readonly DrawingStroke[] }) {
  return (
    <Drawing viewBox="0 0 100 60" aria-hidden="true">
      {drawing.map(([kind, ...points], i) => (
        <path key={i} className={kind} d={`M${points.map((at) => at.join(' ')).join('L')}`} />
      ))}
    </Drawing>
  )
}
