import { type FibreId } from '../fibres/types'
import { type Interlacing } from '../weave/drafts'
import { type MarkSet } from './marks'

export type Body = 'fluid' | 'soft' | 'moderate' | 'crisp' | 'stiff'
export const BODIES: readonly Body[] = ['fluid', 'soft', 'moderate', 'crisp', 'stiff']
export type Opacity = 'sheer' | 'semi-sheer' | 'opaque'
export const OPACITIES: readonly Opacity[] = ['sheer', 'semi-sheer', 'opaque']
export const CONSTRUCTIONS = ['woven', 'knit', 'felted', 'net'] as const
export type Construction = (typeof CONSTRUCTIONS)[number]

/** A named cloth: what shops mean by the word. */
export interface NamedCloth {
  id: string
  name: { uk: string; us: string }
  /** Other spellings and words, lower case. */
  also: readonly string[]
  construction: Construction
  interlacing: Interlacing
  /** g/m², the span in which it is usually sold. */
  gsm: readonly [number, number]
  /** Usual stretch across, per cent. */
  stretchWidth: readonly [number, number]
  body: Body
  opacity: Opacity
  fibres: readonly FibreId[]
  /** What an inspection sees of it, and how common it is. */
  marks: MarkSet
  /** What makes it that and not its neighbour, a sentence. */
  makes: string
}
