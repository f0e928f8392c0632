import { type ReactNode } from 'react'
import { line, Scrap, skin, YarnLine, type TableTest } from './parts'

const Lens = ({ children }: { children?: ReactNode }) => (
  <g>
    <circle cx="60" cy="55" r="45" fill="var(--paper)" stroke="var(--ink)" strokeWidth="3" />
    <g fill="none" stroke="var(--ink)" strokeLinecap="round">
      {children}
    </g>
  </g>
)
const sun = (
  <g {...line} stroke="var(--weld)" strokeWidth="3">
    <circle cx="94" cy="22" r="10" fill="var(--weld)" />
    <path d="M94 4v-3M94 43v-4M76 22h-4M112 22h4M81 9l-3-3M107 35l3 3" />
  </g>
)
const glint = (x: number, y: number, size: number) => (
  <path
    transform={`translate(${x} ${y}) scale(${size})`}
    d="M0-9l2 7 7 2-7 2-2 7-2-7-7-2 7-2z"
    fill="#fff"
    stroke="var(--weld-ink)"
    strokeWidth=".8"
  />
)
const Wrist = () => (
  <path d="M-4 72q40-18 70-10 30 2 58 12v28q-60-8-128 4z" fill={skin} stroke="var(--ink)" strokeWidth="1.8" />
)

/** By hand and by eye: crushing, shine, warmth, and one fibre under the lens. */
export const handAndLens: Record<string, TableTest> = {
  scrunch: {
    how: (yarn) => (
      <g>
        <path
          d="M38 60q-12-26 6-38 12-6 16 4 12-10 22 2 10 12 2 34-4 10-22 10t-24-12z"
          fill={yarn.fill}
          stroke={yarn.edge}
          strokeWidth="1.6"
        />
        <path
          d="M34 66q-2-16 10-16 6-8 14-2 8-8 16 0 14-2 14 14 2 28-26 34-26-4-28-30z"
          fill={skin}
          stroke="var(--ink)"
          strokeWidth="1.8"
        />
        <path d="M44 52q-2 10 2 16m12-20q-2 10 2 18m14-18q-2 10 2 18" {...line} strokeWidth="1.4" />
      </g>
    ),
    states: {
      'stays-crumpled': (yarn) => (
        <g>
          <path
            d="M18 84l10-34 16 12 10-28 14 22 16-20 8 28 14-4-4 26z"
            fill={yarn.fill}
            stroke={yarn.edge}
            strokeWidth="2"
            strokeLinejoin="round"
          />
          <path d="M44 62l-8 22m18-50l6 48m8-26l-2 28m18-48l2 44" {...line} strokeWidth="1.3" />
        </g>
      ),
      'some-creases': (yarn) => (
        <g>
          <path d="M14 84l6-24 30-8 26 4 24-6 8 34z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="2" />
          <path d="M40 56q6 14 2 28m24-30q-4 14 4 30" {...line} strokeWidth="1.3" />
        </g>
      ),
      'springs-out': (yarn) => (
        <g>
          <path d="M12 84l8-26q40-6 84 0l6 26z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="2" />
          <path d="M36 44l-8-12m32 8V24m24 20l10-12" {...line} stroke="var(--madder)" />
        </g>
      ),
    },
  },
  lustre: {
    how: (yarn) => (
      <g>
        {sun}
        <YarnLine yarn={yarn} from={10} to={100} y={74} thick={12} />
        <path d="M82 34L58 62" {...line} stroke="var(--weld)" strokeDasharray="4 4" />
      </g>
    ),
    states: {
      matt: (yarn) => <YarnLine yarn={yarn} from={10} to={110} y={56} thick={26} />,
      'soft-sheen': (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={10} to={110} y={56} thick={26} />
          <path d="M12 51h96" stroke="#fff" strokeWidth="8" opacity=".5" />
        </g>
      ),
      bright: (yarn) => (
        <g>
          <YarnLine yarn={yarn} from={10} to={110} y={56} thick={26} />
          <path d="M12 50h96" stroke="#fff" strokeWidth="6" opacity=".85" />
          {glint(38, 46, 1.6)}
          {glint(78, 58, 1.3)}
          {glint(98, 42, 1)}
        </g>
      ),
    },
  },
  touch: {
    how: (yarn) => (
      <g>
        <Wrist />
        <path d="M38 64l34-22 22 14-32 20z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.8" />
        <path d="M44 34l12 14m6-22l6 16" {...line} stroke="var(--madder)" />
      </g>
    ),
    states: {
      cool: (yarn) => (
        <g>
          <Scrap yarn={yarn} />
          <g {...line} stroke="var(--indigo)">
            <path d="M60 8v36M44 16l32 20M76 16L44 36M54 12l6 6 6-6M54 40l6-6 6 6" />
          </g>
        </g>
      ),
      neutral: (yarn) => (
        <g>
          <Scrap yarn={yarn} />
          <path d="M44 22h32M44 34h32" {...line} />
        </g>
      ),
      warm: (yarn) => (
        <g>
          <Scrap yarn={yarn} />
          <g {...line} stroke="var(--flame)" strokeWidth="3">
            <path d="M42 44q-8-9 0-18t0-18M60 44q-8-9 0-18t0-18M78 44q-8-9 0-18t0-18" />
          </g>
        </g>
      ),
    },
  },
  'loupe-fibre': {
    how: (yarn) => (
      <g>
        <circle cx="50" cy="46" r="32" fill="var(--paper)" stroke="var(--ink)" strokeWidth="4" />
        <path d="M73 69l30 30" stroke="var(--board)" strokeWidth="9" strokeLinecap="round" />
        <path d="M26 58q14-20 26-8t22-14" fill="none" stroke={yarn.edge} strokeWidth="5" />
        <path d="M4 74l20-12" stroke={yarn.edge} strokeWidth="1.6" />
      </g>
    ),
    states: {
      'twisted-ribbon': () => (
        <Lens>
          <path d="M22 84q6-16 18-20t18-22 20-18" strokeWidth="12" stroke="var(--line)" />
          <path
            d="M18 78q8-10 16-14 10-8 14-18 8-14 24-20M26 90q8-16 16-20 12-8 18-22 8-12 22-18M36 62l8 12m12-32l8 10"
            strokeWidth="1.8"
          />
        </Lens>
      ),
      'cross-nodes': () => (
        <Lens>
          <path d="M26 86L84 22" strokeWidth="13" stroke="var(--line)" />
          <path
            d="M20 80L78 16M32 92L90 28M34 68l12 10m-9-14l12 10m4-26l12 11m-9-14l12 10M68 30l12 10"
            strokeWidth="1.8"
          />
        </Lens>
      ),
      scales: () => (
        <Lens>
          <path d="M24 88L86 22" strokeWidth="17" stroke="var(--line)" />
          <path
            d={
              'M16 82L78 14M32 94L94 28M22 76q12 2 14 14m-4-24q12 2 14 14m-4-24q12 2 14 14m-4-24q12 2 14 ' +
              '14m-4-24q12 2 14 14m-4-24q12 2 14 14'
            }
            strokeWidth="1.8"
          />
        </Lens>
      ),
      'smooth-rod': () => (
        <Lens>
          <path d="M24 88L86 22" strokeWidth="13" stroke="var(--line)" />
          <path d="M19 83L81 17M29 93L91 27" strokeWidth="1.8" />
          <path d="M30 78L78 27" stroke="#fff" strokeWidth="3" />
        </Lens>
      ),
      'lengthwise-lines': () => (
        <Lens>
          <path d="M24 88L86 22" strokeWidth="17" stroke="var(--line)" />
          <path d="M17 82L79 16M31 94L93 28M21 86L83 20M25 89L87 23M28 92L90 25" strokeWidth="1.5" />
        </Lens>
      ),
      'flat-strip': () => (
        <Lens>
          <path d="M20 66l66-34 8 14-66 36z" fill="var(--weld)" strokeWidth="1.8" />
          <path d="M34 64l40-21" stroke="#fff" strokeWidth="4" />
        </Lens>
      ),
    },
  },
}
