import { type ReactNode } from 'react'

const ink = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2.6,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const

/** What each smell is like, drawn; a box 120 wide and 110 high. */
export const smells: Record<string, ReactNode> = {
  paper: (
    <g {...ink}>
      <path d="M34 18h40l14 14v60H34z" fill="var(--paper)" />
      <path d="M74 18v14h14M44 44h32M44 56h32M44 68h20" />
      <path d="M34 92l10-12 8 10 10-14 10 14 8-10 8 12" fill="var(--char)" />
    </g>
  ),
  'wood-leaves': (
    <g {...ink}>
      <path d="M30 84c0-42 28-62 62-62 2 38-22 66-62 62z" fill="color-mix(in srgb, var(--green) 55%, var(--paper))" />
      <path d="M22 94c18-30 36-44 58-58M44 70l-2-22M56 58l20 2" />
    </g>
  ),
  'rope-straw': (
    <g {...ink}>
      <path d="M20 70c20-34 60-46 82-20" strokeWidth="13" stroke="var(--board)" />
      <path d="M26 62l10 8m4-22l9 10m7-20l6 11m13-15l3 12m12-6l-2 11" stroke="var(--paper)" />
      <path d="M98 46l12 2m-12 2l9 8m-12-6l4 12" stroke="var(--board)" />
    </g>
  ),
  'hair-feather': (
    <g {...ink}>
      <path
        d="M40 82L30 58l8 2 0-14 9 6 4-16 9 8 8-18 10 4 14-14-2 16 6 10-18 6 6 10-20 4 4 10-20 2z"
        fill="var(--paper-deep)"
      />
      <path d="M24 100C42 70 62 46 88 24" />
    </g>
  ),
  vinegar: (
    <g {...ink}>
      <path d="M50 14h18v18l10 16v42q0 6-6 6H46q-6 0-6-6V48l10-16z" fill="var(--paper)" />
      <path
        d="M41 62h36v28q0 6-6 6H47q-6 0-6-6z"
        fill="color-mix(in srgb, var(--weld) 60%, var(--paper))"
        stroke="none"
      />
      <path d="M50 14h18v18l10 16v42q0 6-6 6H46q-6 0-6-6V48l10-16zM50 26h18" />
    </g>
  ),
  'celery-green': (
    <g {...ink}>
      <path
        d="M50 98c-4-30-6-46-14-64m24 64c0-32 2-50 0-72m10 72c4-30 8-44 18-58"
        stroke="var(--green)"
        strokeWidth="7"
      />
      <path
        d="M36 34q-16-4-14-16 12-4 16 8 6-12 18-4-2 12-12 14zM60 26q-10-10 0-18 12 6 6 18zM88 40q-4-14 8-18 12 8 4 18z"
        fill="color-mix(in srgb, var(--green) 60%, var(--paper))"
      />
    </g>
  ),
  'sweet-chemical': (
    <g {...ink}>
      <path d="M48 40h24l16 50q2 8-6 8H38q-8 0-6-8zM48 40V18m24 22V18m-30 0h36" fill="var(--paper)" />
      <path
        d="M40 68h40l7 22q2 6-4 6H37q-6 0-4-6z"
        fill="color-mix(in srgb, var(--madder) 35%, var(--paper))"
        stroke="none"
      />
      <circle cx="52" cy="80" r="3" />
      <circle cx="66" cy="74" r="2.4" />
      <path d="M92 30q6-8 0-14m10 18q8-11 0-22" />
    </g>
  ),
  'acrid-chemical': (
    <g {...ink}>
      <path d="M48 40h24l16 50q2 8-6 8H38q-8 0-6-8zM48 40V18m24 22V18m-30 0h36" fill="var(--paper)" />
      <path d="M40 68h40l7 22q2 6-4 6H37q-6 0-4-6z" fill="var(--char)" stroke="none" />
      <path d="M84 34l12-6-4 10 14-4-6 10 12 0M36 30L22 22l6 12-14-2 8 10" stroke="var(--madder)" />
    </g>
  ),
  paraffin: (
    <g {...ink}>
      <path d="M46 52h28v46H46z" fill="var(--paper)" />
      <path d="M46 56q6 10 8 2t8 4 12-6V50H46z" fill="var(--paper-deep)" />
      <path d="M60 50V42" />
      <path d="M60 38c-8-8 8-12 0-20" stroke="var(--smoke)" strokeWidth="4" />
    </g>
  ),
  rubbery: (
    <g {...ink}>
      <ellipse cx="60" cy="58" rx="38" ry="24" stroke="var(--madder)" strokeWidth="9" transform="rotate(-16 60 58)" />
      <ellipse
        cx="60"
        cy="58"
        rx="38"
        ry="24"
        stroke="var(--paper)"
        strokeWidth="2"
        strokeDasharray="14 60"
        transform="rotate(-16 60 58)"
      />
    </g>
  ),
  none: (
    <g {...ink}>
      <path d="M56 24c-4 20-16 32-16 46 0 10 8 14 16 12 4 8 16 8 18-2" />
      <path d="M26 92l70-72" stroke="var(--madder)" strokeWidth="4" />
    </g>
  ),
}
