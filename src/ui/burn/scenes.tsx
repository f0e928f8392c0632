import { type ReactNode } from 'react'
import { Candle, Flame, GhostFlame, Smoke } from './flames'
import { type DrawnYarn } from '../tabletop/drawnYarn'

const END = 74

/** The strip of cloth that comes in from the left, ending as told. */
function Strip({ yarn, end }: { yarn: DrawnYarn; end: ReactNode }) {
  return (
    <g>
      <path d={`M-90 50H${END}v18H-90z`} fill={yarn.fill} />
      <path d={`M-90 54H${END}M-90 59H${END}M-90 64H${END}`} stroke={yarn.edge} strokeWidth="1" />
      <path
        d={Array.from({ length: 23 }, (_, i) => `M${4 + (i - 13) * 7} 50v18`).join('')}
        stroke={yarn.edge}
        strokeWidth="1"
      />
      {end}
    </g>
  )
}

const charred = <path d={`M${END - 10} 50l6 3-3 4 8 2-6 4 7 3-12 2z`} fill="var(--char)" />
const glossy = (
  <g>
    <path d={`M${END - 8} 48q14 0 13 11t-13 11z`} fill="var(--char)" />
    <path d={`M${END - 3} 52q4 2 4 6`} stroke="#fff" strokeOpacity=".8" strokeWidth="2" fill="none" />
  </g>
)
const drops = (
  <g fill="var(--char)">
    <path d={`M${END + 2} 74q5 9 0 13q-6-3 0-13z`} />
    <path d={`M${END - 6} 90q4 8 0 11q-5-3 0-11z`} />
  </g>
)
const specks = (
  <g fill="var(--char)">
    <circle cx={END - 2} cy="54" r="3.4" />
    <circle cx={END + 1} cy="64" r="2.8" />
  </g>
)

type Scene = (yarn: DrawnYarn) => ReactNode

const near: Record<string, Scene> = {
  unmoved: (yarn) => (
    <>
      <Strip yarn={yarn} end={null} />
      <Candle x={100} />
    </>
  ),
  'curls-away': (yarn) => (
    <>
      <Strip
        yarn={yarn}
        end={
          <g fill="none" strokeLinecap="butt">
            <path d={`M${END - 1} 59C102 59 104 30 84 27C72 26 70 40 79 42`} stroke={yarn.edge} strokeWidth="13" />
            <path d={`M${END - 2} 59C102 59 104 30 84 27C72 26 70 40 79 42`} stroke={yarn.fill} strokeWidth="10" />
            <path d={`M${END - 2} 59C102 59 104 30 84 27C72 26 70 40 79 42`} stroke={yarn.edge} strokeWidth="1" />
          </g>
        }
      />
      <Candle x={106} />
    </>
  ),
  'melts-back': (yarn) => (
    <>
      <g transform="translate(-16 0)">
        <Strip yarn={yarn} end={glossy} />
      </g>
      <path d="M66 44l-8-5m9 36l-8 6" stroke="var(--madder)" strokeWidth="2.4" strokeLinecap="round" />
      <Candle x={100} />
    </>
  ),
}

const catching: Record<string, Scene> = {
  instant: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={78} y={66} size={52} />
      <Flame x={60} y={56} size={34} />
      <path d="M96 30l8-7m-5 17h10m-14 10l9 6" stroke="var(--flame)" strokeWidth="3" strokeLinecap="round" />
    </>
  ),
  quick: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={78} y={66} size={42} />
    </>
  ),
  slow: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={78} y={64} size={22} />
      <g fill="none" stroke="var(--ink-soft)" strokeWidth="2">
        <circle cx="100" cy="30" r="11" />
        <path d="M100 24v6l5 3" />
      </g>
    </>
  ),
  none: (yarn) => (
    <>
      <Strip yarn={yarn} end={null} />
      <Candle x={84} />
      <path d="M70 42l18 34m0-34L70 76" stroke="var(--madder)" strokeWidth="3" strokeLinecap="round" />
    </>
  ),
}

const burning: Record<string, Scene> = {
  'yellow-fast': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={74} y={66} size={46} />
      <Flame x={54} y={58} size={32} />
      <path d="M36 38h-18m14 -9h-12" stroke="var(--flame)" strokeWidth="3" strokeLinecap="round" />
    </>
  ),
  'yellow-slow': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={74} y={62} size={26} />
    </>
  ),
  sputtering: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={76} y={64} size={30} />
      <g fill="var(--flame)">
        {[
          [94, 40],
          [102, 54],
          [90, 26],
          [58, 34],
          [104, 70],
          [64, 22],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="2.6" />
        ))}
      </g>
    </>
  ),
  'melting-small': (yarn) => (
    <>
      <Strip yarn={yarn} end={glossy} />
      <Flame x={78} y={56} size={18} />
      {drops}
    </>
  ),
  'green-edged': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={76} y={64} size={30} edge />
    </>
  ),
  'black-tipped-leaping': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={76} y={66} size={48} tip />
    </>
  ),
  none: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Smoke x={80} y={48} colour="var(--smoke)" curls={1} />
    </>
  ),
}

const melting: Record<string, Scene> = {
  none: (yarn) => <Strip yarn={yarn} end={charred} />,
  partly: (yarn) => (
    <Strip
      yarn={yarn}
      end={
        <>
          {charred}
          {specks}
        </>
      }
    />
  ),
  melts: (yarn) => <Strip yarn={yarn} end={glossy} />,
  'melts-drips': (yarn) => (
    <Strip
      yarn={yarn}
      end={
        <>
          {glossy}
          {drops}
        </>
      }
    />
  ),
}

const gone: Record<string, Scene> = {
  'burns-on': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={74} y={66} size={42} />
      <GhostFlame x={106} y={84} size={26} />
    </>
  ),
  'burns-slowly-on': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Flame x={74} y={60} size={20} />
      <GhostFlame x={106} y={84} size={26} />
    </>
  ),
  'dies-soon': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <GhostFlame x={78} y={58} size={20} />
      <Smoke x={80} y={40} colour="var(--smoke)" curls={1} width={2.5} />
      <GhostFlame x={106} y={84} size={26} />
    </>
  ),
  'dies-at-once': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <path d="M80 44l10-16m-2 20l14-10" stroke="var(--ink-soft)" strokeWidth="2.4" strokeLinecap="round" />
      <GhostFlame x={106} y={84} size={26} />
    </>
  ),
  'never-lit': (yarn) => (
    <>
      <Strip yarn={yarn} end={null} />
      <GhostFlame x={106} y={84} size={26} />
    </>
  ),
}

const glow: Record<string, Scene> = {
  yes: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <path
        d={`M${END - 12} 50l5 4-3 4 7 2-6 4 6 4`}
        fill="none"
        stroke="#e2452b"
        strokeWidth="4"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <path d="M88 50l8-4m-7 14h9m-10 9l8 5" stroke="#e2452b" strokeWidth="2" strokeLinecap="round" />
    </>
  ),
  no: (yarn) => <Strip yarn={yarn} end={charred} />,
}

const smoke: Record<string, Scene> = {
  'hardly-any': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Smoke x={76} y={46} colour="var(--line)" curls={1} width={1.6} />
    </>
  ),
  pale: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Smoke x={66} y={46} colour="var(--line)" curls={3} />
    </>
  ),
  dark: (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Smoke x={66} y={46} colour="var(--ink-soft)" curls={3} width={5} />
    </>
  ),
  'black-sooty': (yarn) => (
    <>
      <Strip yarn={yarn} end={charred} />
      <Smoke x={62} y={46} colour="var(--char)" curls={4} width={6} />
      <g fill="var(--char)" stroke="var(--line)" strokeWidth=".6">
        {[
          [50, 20],
          [104, 14],
          [58, 8],
          [98, 34],
          [112, 26],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="2.6" />
        ))}
      </g>
    </>
  ),
}

/** Scenes by feature and state; each draws in a box 120 wide and 110 high. */
export const scenes: Record<string, Record<string, Scene>> = {
  approach: near,
  ignition: catching,
  flame: burning,
  melting,
  'after-removal': gone,
  afterglow: glow,
  smoke,
}

/** The strip before anything has happened. */
export const untouchedScene: Scene = (yarn) => <Strip yarn={yarn} end={null} />
