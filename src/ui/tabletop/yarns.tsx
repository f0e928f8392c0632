import { Arrow, line, Pinch, water, YarnLine, type TableTest } from './parts'

const wet = (
  <g fill={water} stroke="var(--indigo)" strokeWidth="1.2">
    <path d="M52 72c3 5 4 7 4 9a4 4 0 0 1-8 0c0-2 1-4 4-9z" />
    <path d="M68 76c3 5 4 7 4 9a4 4 0 0 1-8 0c0-2 1-4 4-9z" />
  </g>
)
const fuzz = (x: number, y: number, way: 1 | -1) => (
  <path
    d={`M${x} ${y - 3}q${6 * way}-4 ${9 * way}-3m${-9 * way} 4h${8 * way}m${-8 * way} 4q${6 * way} 4 ${9 * way} 4`}
    {...line}
    strokeWidth="1.2"
  />
)
const crisp = (x: number, y: number, way: 1 | -1) => (
  <path
    d={`M${x} ${y - 3}l${22 * way}-5m${-22 * way} 6l${26 * way} 1m${-26 * way} 3l${19 * way} 6`}
    {...line}
    strokeWidth="1.2"
  />
)

/** Pulling, untwisting, wetting and drying a yarn. */
export const yarns: Record<string, TableTest> = {
  'wet-strength': {
    how: (yarn) => (
      <g>
        <YarnLine yarn={yarn} from={30} to={90} y={32} />
        <Pinch x={34} y={32} side="left" />
        <Pinch x={86} y={32} side="right" />
        <YarnLine yarn={yarn} from={30} to={90} y={78} />
        <Pinch x={34} y={78} side="left" />
        <Pinch x={86} y={78} side="right" />
        <g transform="translate(0 8)">{wet}</g>
      </g>
    ),
    states: {
      weaker: (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={8} to={50} y={56} />
          <YarnLine yarn={yarn} from={70} to={112} y={56} />
          {fuzz(50, 56, 1)}
          {fuzz(70, 56, -1)}
          {wet}
          <path d="M44 24l16 10 16-10" {...line} />
        </g>
      ),
      unchanged: (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={14} to={106} y={56} />
          {wet}
          <path d="M44 26h32M44 36h32" {...line} />
        </g>
      ),
      stronger: (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={8} to={112} y={56} thick={11} />
          {wet}
          <path d="M44 36l16-12 16 12" {...line} />
        </g>
      ),
    },
  },
  'yarn-break': {
    how: (yarn) => (
      <g>
        <YarnLine yarn={yarn} from={26} to={94} y={56} />
        <Pinch x={32} y={56} side="left" />
        <Pinch x={88} y={56} side="right" />
        <Arrow d="M40 86H16" tip="M22 81l-7 5 7 5" />
        <Arrow d="M80 86h24" tip="M98 81l7 5-7 5" />
      </g>
    ),
    states: {
      'soft-fuzzy': (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={8} to={48} y={56} />
          <YarnLine yarn={yarn} from={72} to={112} y={56} />
          {fuzz(48, 56, 1)}
          {fuzz(72, 56, -1)}
        </g>
      ),
      'crisp-long-ends': (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={8} to={36} y={56} />
          <YarnLine yarn={yarn} from={86} to={112} y={56} />
          {crisp(36, 54, 1)}
          {crisp(86, 58, -1)}
        </g>
      ),
      'stretches-first': (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={8} to={40} y={56} />
          <YarnLine yarn={yarn} from={80} to={112} y={56} />
          <YarnLine yarn={yarn} from={38} to={82} y={56} thick={3} />
          <Arrow d="M48 34H30" tip="M35 30l-6 4 6 4" />
          <Arrow d="M72 34h18" tip="M85 30l6 4-6 4" />
        </g>
      ),
      'snaps-back': (yarn) => (
        <g fill="none">
          <path d="M8 56h22q8 0 4-8t-8-2q-2 8 10 10t12-10" stroke={yarn.edge} strokeWidth="8" />
          <path d="M8 56h22q8 0 4-8t-8-2q-2 8 10 10t12-10" stroke={yarn.fill} strokeWidth="6" />
          <path d="M112 56H90q-8 0-4 8t8 2q2-8-10-10t-12 10" stroke={yarn.edge} strokeWidth="8" />
          <path d="M112 56H90q-8 0-4 8t8 2q2-8-10-10t-12 10" stroke={yarn.fill} strokeWidth="6" />
        </g>
      ),
    },
  },
  'yarn-type': {
    how: (yarn) => (
      <g>
        <YarnLine yarn={yarn} from={8} to={56} y={56} />
        <path
          d="M56 52c16-10 30-12 54-14m-54 18h56m-56 4c16 8 30 12 54 14"
          {...line}
          stroke={yarn.edge}
          strokeWidth="2.4"
        />
        <path d="M30 34a12 9 0 1 1 16 4" {...line} stroke="var(--madder)" />
        <path d="M52 32l-5 7-7-4" {...line} stroke="var(--madder)" />
      </g>
    ),
    states: {
      staple: (yarn) => (
        <g>
          <path
            d={[
              [8, 40, 30, 36],
              [26, 50, 52, 46],
              [14, 62, 40, 66],
              [44, 38, 70, 44],
              [48, 58, 78, 56],
              [36, 74, 62, 70],
              [66, 66, 94, 72],
              [74, 46, 102, 40],
              [84, 58, 112, 60],
            ]
              .map(([a, b, c, d]) => `M${a} ${b}L${c} ${d}`)
              .join('')}
            {...line}
            stroke={yarn.edge}
            strokeWidth="3"
          />
        </g>
      ),
      filament: (yarn) => (
        <g>
          <path
            d="M6 38q28-6 54 0t54 0M6 48q28-5 54 0t54 0M6 58q28-4 54 0t54 0M6 68q28-3 54 0t54 0"
            {...line}
            stroke={yarn.edge}
            strokeWidth="3"
          />
        </g>
      ),
    },
  },
  'drying-twist': {
    how: () => (
      <g>
        <path
          d="M24 100q6-8 0-14m18 14q6-8 0-14m18 14q6-8 0-14m18 14q6-8 0-14m18 14q6-8 0-14"
          {...line}
          stroke="var(--flame)"
        />
        <path d="M60 14v44" {...line} strokeWidth="2.6" />
        <circle cx="60" cy="62" r="4" fill="var(--ink)" />
        <path d="M40 62a20 8 0 0 0 40 0" {...line} strokeDasharray="3 4" />
        <Pinch x={60} y={14} side="left" />
      </g>
    ),
    states: {
      clockwise: () => (
        <g>
          <circle cx="60" cy="56" r="5" fill="var(--ink)" />
          <path d="M32 56a28 28 0 1 1 14 24" {...line} strokeWidth="3" />
          <path d="M56 76l-11 4 4 12" {...line} strokeWidth="3" />
        </g>
      ),
      anticlockwise: () => (
        <g transform="translate(120 0) scale(-1 1)">
          <circle cx="60" cy="56" r="5" fill="var(--ink)" />
          <path d="M32 56a28 28 0 1 1 14 24" {...line} strokeWidth="3" />
          <path d="M56 76l-11 4 4 12" {...line} strokeWidth="3" />
        </g>
      ),
      'both-ways': () => (
        <g>
          <circle cx="60" cy="60" r="5" fill="var(--ink)" />
          <path d="M34 60a26 26 0 0 1 52 0" {...line} strokeWidth="3" />
          <path d="M27 52l7 9 8-8m36 0l8 8 7-9" {...line} strokeWidth="3" />
        </g>
      ),
    },
  },
}
