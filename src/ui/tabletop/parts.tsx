import { type ReactNode } from 'react'
import { type DrawnYarn } from './drawnYarn'

/** A drawing of one thing at the table, in a box 120 wide and 110 high. */
export type TableScene = (yarn: DrawnYarn) => ReactNode

/** One test: how it is done, and each of its answers. */
export interface TableTest {
  how: TableScene
  states: Readonly<Record<string, TableScene>>
}

export const line = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2.2,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const
export const skin = 'color-mix(in srgb, var(--flame) 25%, var(--paper))'
export const water = 'color-mix(in srgb, var(--indigo) 32%, var(--paper))'

/** A flat scrap of cloth seen from above at a slant. */
export function Scrap({ yarn, children }: { yarn: DrawnYarn; children?: ReactNode }) {
  return (
    <g>
      <path d="M14 62l74-10 20 30-82 14z" fill={yarn.fill} stroke={yarn.edge} strokeWidth="1.6" />
      <path
        d="M17 70l77-11M20 79l80-12M23 88l82-13M30 60l16 33M48 57l16 33M66 55l17 33"
        stroke={yarn.edge}
        strokeWidth=".8"
        opacity=".7"
      />
      {children}
    </g>
  )
}

/** A yarn from left to right, at a height, with its twist. */
export function YarnLine({
  yarn,
  from,
  to,
  y,
  thick = 8,
}: {
  yarn: DrawnYarn
  from: number
  to: number
  y: number
  thick?: number
}) {
  const turns = Math.max(1, Math.floor((to - from) / 7))
  return (
    <g>
      <path d={`M${from} ${y}H${to}`} stroke={yarn.edge} strokeWidth={thick + 1.6} />
      <path d={`M${from} ${y}H${to}`} stroke={yarn.fill} strokeWidth={thick} />
      <path
        d={Array.from({ length: turns }, (_, i) => `M${from + 2 + i * 7} ${y + thick / 2}l4 ${-thick}`).join('')}
        stroke={yarn.edge}
        strokeWidth="1.1"
      />
    </g>
  )
}

/** Finger and thumb that hold something at (x, y), from the left or from the right. */
export function Pinch({ x, y, side }: { x: number; y: number; side: 'left' | 'right' }) {
  return (
    <g
      transform={`translate(${x} ${y}) scale(${side === 'left' ? 1 : -1} 1)`}
      fill={skin}
      stroke="var(--ink)"
      strokeWidth="1.6"
      strokeLinejoin="round"
    >
      <path d="M-34-16q20-6 32 6q4 6-3 8q-18-2-29 0z" />
      <path d="M-34 16q20 6 32-4q4-6-3-8q-18 2-29 0z" />
    </g>
  )
}

/** An arrow from one point to another. */
export function Arrow({ d, tip }: { d: string; tip: string }) {
  return (
    <g {...line} stroke="var(--madder)" strokeWidth="2.6">
      <path d={d} />
      <path d={tip} />
    </g>
  )
}

/** A glass, half full. */
export function Glass({ children, fill = water }: { children?: ReactNode; fill?: string }) {
  return (
    <g>
      <path d="M30 34h60l-6 68H36z" fill={fill} />
      {children}
      <path d="M27 14h66l-8 90H35z" {...line} />
      <path d="M30 34q15 5 30 0t30 0" {...line} strokeWidth="1.4" />
    </g>
  )
}

/** A small dish seen from the side, with a liquid in it. */
export function Saucer({ fill, children }: { fill: string; children?: ReactNode }) {
  return (
    <g>
      <ellipse cx="60" cy="78" rx="50" ry="18" fill="var(--paper)" stroke="var(--ink-soft)" strokeWidth="2" />
      <ellipse cx="60" cy="76" rx="40" ry="12.5" fill={fill} />
      {children}
    </g>
  )
}
