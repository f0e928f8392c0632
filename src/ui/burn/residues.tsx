import { type ReactNode } from 'react'
import { mustHave } from '@/core/lists/items'

/** Colours of a cold residue. */
const COLOURS: Record<string, string> = {
  'pale-grey': '#c9c6bf',
  grey: '#8f8b85',
  brown: '#8a6242',
  black: '#2b2724',
}

/** The usual colour of a form, where nobody has said. */
const USUAL: Record<string, string> = {
  'soft-ash': 'pale-grey',
  'shape-keeping-ash': 'grey',
  'hard-specks-in-ash': 'grey',
}

type Draw = (fill: string) => ReactNode

const edge = { stroke: 'var(--ink)', strokeWidth: 1.6, strokeLinejoin: 'round' } as const
const shine = (
  <path d="M50 54q4-8 12-9" fill="none" stroke="#fff" strokeOpacity=".85" strokeWidth="3" strokeLinecap="round" />
)

const forms: Record<string, Draw> = {
  'soft-ash': (fill) => (
    <g>
      <path d="M26 78q8-20 20-20 6-12 18-6 14-4 18 10 12 2 14 16z" fill={fill} {...edge} strokeDasharray="2 3" />
      <g fill={fill}>
        <circle cx="34" cy="46" r="2" />
        <circle cx="50" cy="36" r="2.4" />
        <circle cx="82" cy="42" r="2" />
      </g>
    </g>
  ),
  'shape-keeping-ash': (fill) => (
    <g>
      <path d="M28 46l62-6 2 36-64 3z" fill={fill} {...edge} />
      <path
        d="M29 55l62-6M29 63l62-5M29 71l63-5M40 45l2 33M52 44l2 33M64 42l2 34M76 41l2 35"
        stroke="var(--ink)"
        strokeOpacity=".55"
        fill="none"
      />
    </g>
  ),
  'brittle-clinker': (fill) => (
    <g>
      <path d="M28 78l4-22 12 4 6-18 14 10 12-12 8 20 12 2-2 16z" fill={fill} {...edge} />
      <g fill="var(--paper)">
        <circle cx="48" cy="66" r="4" />
        <circle cx="66" cy="62" r="5" />
        <circle cx="80" cy="70" r="3" />
      </g>
    </g>
  ),
  'crushable-bead': (fill) => (
    <g>
      <circle cx="60" cy="60" r="19" fill={fill} {...edge} />
      <path d="M48 54l8 6-2 8 8 8M60 60l10-8" stroke="var(--paper)" strokeWidth="2" fill="none" />
    </g>
  ),
  'hard-bead': (fill) => (
    <g>
      <circle cx="60" cy="60" r="19" fill={fill} {...edge} />
      {shine}
    </g>
  ),
  'hard-lump': (fill) => (
    <g>
      <path d="M30 74q-4-16 10-18 2-16 18-12 8-10 18 0 18 0 14 16 6 14-6 16z" fill={fill} {...edge} />
      {shine}
    </g>
  ),
  'hard-specks-in-ash': (fill) => (
    <g>
      <path d="M24 78q8-20 22-20 6-12 18-6 16-4 20 10 10 2 12 16z" fill={fill} {...edge} strokeDasharray="2 3" />
      <g fill="var(--char)" stroke="var(--paper)" strokeWidth="1">
        <circle cx="42" cy="70" r="4" />
        <circle cx="56" cy="62" r="3.4" />
        <circle cx="68" cy="72" r="4.4" />
        <circle cx="82" cy="68" r="3.4" />
      </g>
    </g>
  ),
  gummy: (fill) => (
    <g>
      <path d="M28 76q6-18 30-16 26-4 34 12-8 8-32 7-26 2-32-3z" fill={fill} {...edge} />
      <path d="M48 62q2-18 8-32m12 32q2-14 8-26" stroke={fill} strokeWidth="3.4" fill="none" />
    </g>
  ),
  'fluffy-black': (fill) => (
    <g fill={fill} {...edge} strokeOpacity=".6">
      <circle cx="44" cy="66" r="12" />
      <circle cx="60" cy="56" r="14" />
      <circle cx="78" cy="65" r="12" />
      <circle cx="61" cy="70" r="12" />
    </g>
  ),
  unburnt: () => (
    <g>
      <path d="M32 44h56v32H32z" fill="var(--paper-deep)" {...edge} />
      <path
        d="M32 52h56M32 60h56M32 68h56M44 44v32M56 44v32M68 44v32M80 44v32"
        stroke="var(--ink-soft)"
        strokeWidth="1"
      />
    </g>
  ),
}

const crushed: Record<string, Draw> = {
  powders: (fill) => (
    <g>
      <path d="M22 80q38-12 78 0z" fill={fill} />
      <g fill={fill}>
        {[
          [30, 70],
          [46, 66],
          [62, 70],
          [78, 66],
          [92, 71],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="2.4" />
        ))}
      </g>
    </g>
  ),
  crumbles: (fill) => (
    <g fill={fill} {...edge}>
      <path d="M28 80l8-12 12 6-4 6zM54 80l2-14 14-2 4 16zM82 80l4-10 12 4 0 6z" />
    </g>
  ),
  resists: (fill) => (
    <g>
      <circle cx="60" cy="68" r="13" fill={fill} {...edge} />
      <path d="M38 76l-8 4m52-4l8 4" stroke="var(--madder)" strokeWidth="3" strokeLinecap="round" />
    </g>
  ),
}

function Dish({ children }: { children: ReactNode }) {
  return (
    <g>
      <ellipse cx="60" cy="80" rx="52" ry="17" fill="var(--paper)" stroke="var(--ink-soft)" strokeWidth="2" />
      <ellipse cx="60" cy="78" rx="42" ry="11" fill="none" stroke="var(--line)" strokeWidth="1.4" />
      {children}
    </g>
  )
}

/** What lies in the dish: its forms, in its colour, pressed or not. */
export function Residue({
  forms: states,
  colour,
  crush,
}: {
  forms: readonly string[]
  colour?: string
  crush?: string
}) {
  const fillOf = (form: string) => mustHave(COLOURS[colour ?? USUAL[form] ?? 'black'])
  if (crush && crushed[crush]) return <Dish>{crushed[crush](fillOf(states[0] ?? 'soft-ash'))}</Dish>
  if (states.length === 0)
    return <Dish>{colour ? mustHave(forms['soft-ash'])(mustHave(COLOURS[colour])) : null}</Dish>
  const scale = states.length > 1 ? 0.62 : 1
  return (
    <Dish>
      {states.slice(0, 2).map((state, index) => (
        <g key={state} transform={scale === 1 ? undefined : `translate(${index * 44 - 1} 28) scale(${scale})`}>
          {forms[state]?.(fillOf(state))}
        </g>
      ))}
    </Dish>
  )
}

/** One way that a pressed residue goes, between two fingertips. */
export function Pressed({ crush }: { crush: string }) {
  return (
    <g>
      <Dish>{crushed[crush]?.(crush === 'resists' ? mustHave(COLOURS.black) : mustHave(COLOURS.grey))}</Dish>
      <path
        d="M50 14q0-8 10-8t10 8v26q0 9-10 9t-10-9z"
        fill="color-mix(in srgb, var(--flame) 25%, var(--paper))"
        stroke="var(--ink)"
        strokeWidth="1.8"
      />
      <path d="M54 36q6 5 12 0" fill="none" stroke="var(--ink)" strokeWidth="1.4" />
    </g>
  )
}
