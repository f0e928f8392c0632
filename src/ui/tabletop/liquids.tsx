import { Arrow, Glass, line, Saucer, Scrap, water, YarnLine, type TableTest } from './parts'

const Drop = ({ x, y, size = 1 }: { x: number; y: number; size?: number }) => (
  <path
    transform={`translate(${x} ${y}) scale(${size})`}
    d="M0-14c6 9 9 13 9 18a9 9 0 0 1-18 0c0-5 3-9 9-18z"
    fill={water}
    stroke="var(--indigo)"
    strokeWidth="1.6"
  />
)
const solvent = 'color-mix(in srgb, var(--weld) 18%, var(--paper))'
const bleachFill = 'color-mix(in srgb, var(--green) 16%, var(--paper))'
const noFlame = (
  <g>
    <path d="M98 12c3 7 9 10 8 18-1 6-5 8-8 8s-8-2-8-8c0-7 6-10 8-18z" fill="var(--flame)" />
    <circle cx="98" cy="26" r="17" fill="none" stroke="var(--madder)" strokeWidth="3" />
    <path d="M86 38l24-24" stroke="var(--madder)" strokeWidth="3" />
  </g>
)
const alone = (
  <g {...line} strokeWidth="1.8">
    <path d="M88 14h14v8l5 7v22H83V29l5-7z" fill="var(--paper)" />
    <path d="M80 52l30-40" stroke="var(--madder)" strokeWidth="3" />
  </g>
)

/** Tests with water, acetone and bleach. */
export const liquids: Record<string, TableTest> = {
  'water-drop': {
    how: (yarn) => (
      <Scrap yarn={yarn}>
        <Drop x={60} y={28} />
        <Arrow d="M60 44v14" tip="M55 53l5 6 5-6" />
      </Scrap>
    ),
    states: {
      'soaks-at-once': (yarn) => (
        <Scrap yarn={yarn}>
          <ellipse cx="60" cy="75" rx="27" ry="11" fill="var(--indigo)" opacity=".42" />
        </Scrap>
      ),
      'soaks-slowly': (yarn) => (
        <Scrap yarn={yarn}>
          <ellipse cx="60" cy="75" rx="17" ry="7" fill="var(--indigo)" opacity=".36" />
          <path d="M46 74q14-14 28 0q-14 6-28 0z" fill={water} stroke="var(--indigo)" strokeWidth="1.4" />
        </Scrap>
      ),
      beads: (yarn) => (
        <Scrap yarn={yarn}>
          <circle cx="60" cy="65" r="12" fill={water} stroke="var(--indigo)" strokeWidth="1.8" />
          <path d="M54 60q3-4 7-4" stroke="#fff" strokeWidth="2.4" fill="none" strokeLinecap="round" />
        </Scrap>
      ),
    },
  },
  float: {
    how: (yarn) => (
      <Glass>
        <path d="M52 62q8-8 16 0t-2 12q-10 4-14-2z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
        <g {...line} strokeWidth="1.6" stroke="var(--ink-soft)">
          <circle cx="48" cy="46" r="2.4" />
          <circle cx="72" cy="42" r="2" />
        </g>
        <path d="M60 4v50" {...line} strokeWidth="3" stroke="var(--ink-soft)" />
      </Glass>
    ),
    states: {
      floats: (yarn) => (
        <Glass>
          <path
            d="M44 34q8-11 18-6 12-3 14 6-10 7-18 4-10 3-14-4z"
            fill={yarn.fill}
            stroke={yarn.edge}
            strokeWidth="1.6"
          />
        </Glass>
      ),
      sinks: (yarn) => (
        <Glass>
          <path d="M42 96q8-13 18-6 12-3 16 6-14 4-34 0z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
          <Arrow d="M60 48v28" tip="M55 71l5 6 5-6" />
        </Glass>
      ),
    },
  },
  acetone: {
    how: (yarn) => (
      <Saucer fill={solvent}>
        <path d="M38 70l40-4 8 12-42 6z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
        <path d="M26 22l30 44" {...line} strokeWidth="3" stroke="var(--board)" />
        <circle cx="57" cy="68" r="7" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.6" />
        {noFlame}
      </Saucer>
    ),
    states: {
      dissolves: (yarn) => (
        <Saucer fill={solvent}>
          <path
            d="M34 74q8-8 18-4 6-6 14 0 12-2 18 6-12 8-26 5-16 2-24-7z"
            fill={yarn.fill}
            opacity=".7"
            stroke={yarn.edge}
            strokeDasharray="3 3"
          />
          <path d="M62 72q4-24 10-34m-4 32q6-18 12-26" stroke={yarn.fill} strokeWidth="2.4" fill="none" />
        </Saucer>
      ),
      softens: (yarn) => (
        <Saucer fill={solvent}>
          <path
            d="M36 68q12-6 22 0t22-2l6 12q-12 6-22 2t-24 4z"
            fill={yarn.fill}
            stroke={yarn.edge}
            strokeWidth="1.6"
          />
          <path d="M56 40v16" {...line} strokeWidth="4" stroke="var(--ink-soft)" />
          <path d="M44 62q12 8 24 0" {...line} strokeWidth="1.6" />
        </Saucer>
      ),
      'no-change': (yarn) => (
        <Saucer fill={solvent}>
          <path d="M38 68l42-4 8 14-44 6z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
          <path d="M40 73l42-4M42 78l43-4M50 67l7 16M64 66l7 15" stroke={yarn.edge} strokeWidth=".8" />
        </Saucer>
      ),
    },
  },
  bleach: {
    how: (yarn) => (
      <Saucer fill={bleachFill}>
        <g transform="translate(0 10)">
          <YarnLine yarn={yarn} from={38} to={82} y={66} thick={6} />
        </g>
        <g {...line}>
          <circle cx="28" cy="28" r="16" />
          <path d="M28 18v10l7 5" />
        </g>
        {alone}
      </Saucer>
    ),
    states: {
      dissolves: () => (
        <Saucer fill={bleachFill}>
          <g fill="none" stroke="var(--ink-soft)" strokeWidth="1.5">
            <circle cx="46" cy="74" r="3" />
            <circle cx="56" cy="70" r="4" />
            <circle cx="68" cy="76" r="3" />
            <circle cx="62" cy="60" r="3" />
            <circle cx="50" cy="56" r="2" />
            <circle cx="72" cy="62" r="2" />
          </g>
          <path d="M40 76h8m6 2h7m6-2h9" stroke="var(--line)" strokeWidth="2" strokeDasharray="2 3" />
        </Saucer>
      ),
      'no-change': (yarn) => (
        <Saucer fill={bleachFill}>
          <g transform="translate(0 10)">
            <YarnLine yarn={{ ...yarn, fill: 'var(--paper)' }} from={36} to={84} y={66} thick={6} />
          </g>
        </Saucer>
      ),
    },
  },
}
