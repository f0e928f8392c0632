import { type Body } from '@/core/vocabulary/cloth'
import { type DrawnYarn } from '../tabletop/drawnYarn'
import { line, skin } from '../tabletop/parts'

/** How far each body has gone from a puddle (0) to a board (1). */
const STIFFNESS: Record<Body, number> = { fluid: 0, soft: 0.25, moderate: 0.5, crisp: 0.75, stiff: 1 }

/** Cloth dropped on the table by its middle: a puddle, a heap, a tent. */
function Dropped({ body, yarn }: { body: Body; yarn: DrawnYarn }) {
  const s = STIFFNESS[body]
  const [half, height] = [44 - 6 * s, 10 + 62 * s]
  const folds = 7 - Math.round(4 * s)
  const waves = Array.from({ length: folds }, () => {
    const step = (2 * half) / folds
    return `q${-step / 4} ${6 * (1 - s) + 2} ${-step / 2} 0t${-step / 2} 0`
  }).join('')
  const rise =
    `M${60 - half} 92Q${60 - half * (0.75 - 0.4 * s)} ${92 - height} 60 ` +
    `${92 - height * 1.15}Q${60 + half * (0.75 - 0.4 * s)} ${92 - height} ${60 + half} 92`
  return (
    <g>
      <path d="M6 100h108" {...line} strokeWidth="1.4" />
      <path d={`${rise}${waves}z`} fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.8" strokeLinejoin="round" />
      <path
        d={Array.from({ length: folds - 1 }, (_, i) => {
          const x = 60 - half + ((i + 1) * 2 * half) / folds
          return `M${60 + (x - 60) * 0.3} ${92 - height * 0.8}Q${60 + (x - 60) * 0.7} ${92 - height * 0.45} ${x} 90`
        }).join('')}
        {...line}
        strokeWidth="1.1"
        opacity=".55"
      />
    </g>
  )
}

/** Cloth laid over an arm that is held out: how near to the arm it falls. */
function OverArm({ body, yarn }: { body: Body; yarn: DrawnYarn }) {
  const out = 4 + 40 * STIFFNESS[body]
  const drop = 52 - 16 * STIFFNESS[body]
  return (
    <g>
      <path
        d={
          `M56 26C${56 - out * 0.9} 26 ${56 - out} ${40 + (1 - STIFFNESS[body]) * 6} ${54 - out} ` +
          `${34 + drop}L${66 + out} ${34 + drop}C${64 + out} ${40 + (1 - STIFFNESS[body]) * 6} ` +
          `${64 + out * 0.9} 26 64 26z`
        }
        fill={yarn.fill}
        stroke={yarn.edge}
        strokeWidth="1.8"
      />
      <path
        d={
          `M56 34C${56 - out * 0.4} 40 ${56 - out * 0.5} 60 ${56 - out * 0.5} ${32 + drop}M64 ` +
          `34C${64 + out * 0.4} 40 ${64 + out * 0.5} 60 ${64 + out * 0.5} ${32 + drop}`
        }
        {...line}
        strokeWidth="1.1"
        opacity=".55"
      />
      <ellipse cx="60" cy="27" rx="11" ry="9" fill={skin} stroke="var(--ink)" strokeWidth="1.8" />
    </g>
  )
}

/** Cloth pushed over the table's edge: how soon it bends. */
function OverEdge({ body, yarn }: { body: Body; yarn: DrawnYarn }) {
  const s = STIFFNESS[body]
  return (
    <g>
      <path d="M0 42h58v64H0z" fill="var(--board)" stroke="var(--ink)" strokeWidth="1.4" />
      <path
        d={`M4 38H${58 + 10 * s}C${62 + 34 * s} 38 ${62 + 44 * s} ${56 - 12 * s} ${62 + 50 * s} ${98 - 48 * s}`}
        fill="none"
        stroke={yarn.edge}
        strokeWidth="9"
        strokeLinecap="round"
      />
      <path
        d={`M4 38H${58 + 10 * s}C${62 + 34 * s} 38 ${62 + 44 * s} ${56 - 12 * s} ${62 + 50 * s} ${98 - 48 * s}`}
        fill="none"
        stroke={yarn.fill}
        strokeWidth="6"
        strokeLinecap="round"
      />
    </g>
  )
}

const TESTS = { drop: Dropped, arm: OverArm, edge: OverEdge } as const

/** A graded drawing of a fall. */
export function FallDrawing({ test, body, yarn }: { test: keyof typeof TESTS; body: Body; yarn: DrawnYarn }) {
  const Drawn = TESTS[test]
  return (
    <svg viewBox="0 0 120 110" aria-hidden="true">
      <Drawn body={body} yarn={yarn} />
    </svg>
  )
}
