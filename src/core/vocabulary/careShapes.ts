import { careSymbol, type CareGroup, type CareId } from './care'
import { itemAt } from '../lists/items'

/** What each group of symbols looks like; ISO 3758:2012. */
const SHAPES: Readonly<Record<CareGroup, string>> = {
  wash: 'a tub',
  bleach: 'a triangle',
  dry: 'a square',
  iron: 'an iron',
  professional: 'a circle',
}

/** What stands in or under the shape, where the words of the symbol do not say it; from memory of the same standard. */
const INSIDE: Readonly<Partial<Record<CareId, string>>> = {
  'wash-hand': 'with a hand in it',
  'bleach-any': 'with nothing in it',
  'bleach-oxygen': 'with two slanted lines',
  'tumble-normal': 'with a circle and two dots in it',
  'tumble-low': 'with a circle and one dot in it',
  'tumble-never': 'with a circle in it, crossed out',
  'dry-line': 'with one upright line in it',
  'dry-line-drip': 'with two upright lines in it',
  'dry-flat': 'with one level line in it',
  'dry-flat-drip': 'with two level lines in it',
  'dry-shade': 'with slanted lines in its corner',
  'iron-200': 'with three dots',
  'iron-150': 'with two dots',
  'iron-110': 'with one dot',
}

/** Bars under a shape: one is mild, two are very mild. */
function barsOf(id: CareId): string {
  if (id.endsWith('-very-mild')) return ', two bars under it'
  return id.endsWith('-mild') ? ', one bar under it' : ''
}

/** What a care symbol looks like, in words. */
export function careShape(id: CareId): string {
  const { group, celsius, never } = careSymbol(id)
  const shape = SHAPES[group]
  const inside = INSIDE[id]
  if (inside) return `${shape} ${inside}`
  if (never) return `${shape}, crossed out`
  if (group === 'professional') return `${shape} with ${itemAt(id.split('-'), 1).toUpperCase()} in it${barsOf(id)}`
  return `${shape} with ${celsius} in it${barsOf(id)}`
}
