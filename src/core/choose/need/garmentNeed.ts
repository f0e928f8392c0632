import { type Body, type Opacity } from '../../vocabulary/cloth'
import { type Purpose } from './purpose'

/** What a garment asks of its main cloth where its pattern says nothing. */
export interface GarmentNeed {
  structure: 'woven' | 'knit' | 'either'
  /** g/m². */
  gsm: readonly [number, number]
  /** Across, per cent. */
  stretchWidth: readonly [number, number]
  body: readonly Body[]
  opacity: readonly Opacity[]
  /** Worn against the skin, so that how it takes up moisture counts. */
  nextToSkin: boolean
  /** What it is for, where that decides over a fabric. */
  purposes?: readonly Purpose[]
  /** Worn in bed or by the fire, where what flares up is a danger. */
  isNightwear?: boolean
  /** Judged by its own role, however it is made: interfacing and wadding have no threads at all, mostly. */
  anyConstruction?: boolean
}

// Sets of words that many garments share.
export const foldingBodies: readonly Body[] = ['soft', 'moderate', 'crisp']
export const flowingBodies: readonly Body[] = ['fluid', 'soft']
export const easyBodies: readonly Body[] = ['fluid', 'soft', 'moderate']
export const middlingBodies: readonly Body[] = ['soft', 'moderate']
export const shapedBodies: readonly Body[] = ['moderate', 'crisp']
export const firmBodies: readonly Body[] = ['moderate', 'crisp', 'stiff']
export const anyBody: readonly Body[] = ['fluid', 'soft', 'moderate', 'crisp', 'stiff']
export const opaqueOnly: readonly Opacity[] = ['opaque']
export const notSheer: readonly Opacity[] = ['semi-sheer', 'opaque']
export const anyLight: readonly Opacity[] = ['sheer', 'semi-sheer', 'opaque']
