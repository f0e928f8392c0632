import { cork } from './kinds/cork'
import { felt } from './kinds/felt'
import { foam } from './kinds/foam'
import { fur } from './kinds/fur'
import { leather } from './kinds/leather'
import { neoprene } from './kinds/neoprene'
import { oilcloth } from './kinds/oilcloth'
import { paper } from './kinds/paper'
import { sheepskin } from './kinds/sheepskin'
import { straw } from './kinds/straw'
import { suede } from './kinds/suede'
import { vinyl } from './kinds/vinyl'
import { type Material } from './types'

/** Materials that are neither woven nor knitted, or are handled as if they were not. */
export const materials = {
  leather,
  suede,
  fur,
  sheepskin,
  cork,
  straw,
  felt,
  neoprene,
  foam,
  vinyl,
  oilcloth,
  paper,
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof materials
export const MATERIAL_IDS = Object.keys(materials) as MaterialId[]

export const materialById = (id: MaterialId): Material => materials[id]
