import { acetate } from './acetate'
import { acrylic } from './acrylic'
import { cotton } from './cotton'
import { cupro } from './cupro'
import { elastane } from './elastane'
import { glass } from './glass'
import { hair } from './hair'
import { hemp } from './hemp'
import { jute } from './jute'
import { linen } from './linen'
import { lyocell } from './lyocell'
import { metallic } from './metallic'
import { modacrylic } from './modacrylic'
import { modal } from './modal'
import { nylon } from './nylon'
import { polyester } from './polyester'
import { polypropylene } from './polypropylene'
import { ramie } from './ramie'
import { silk } from './silk'
import { triacetate } from './triacetate'
import { viscose } from './viscose'
import { wool } from './wool'
import { type FibreId } from '../../vocabulary/fibres'
import { type FibreKind } from '../types'

/** Every fibre of the vocabulary, a file each. */
export const fibreKinds: Readonly<Record<FibreId, FibreKind>> = {
  cotton,
  linen,
  hemp,
  ramie,
  jute,
  viscose,
  modal,
  lyocell,
  cupro,
  acetate,
  triacetate,
  wool,
  hair,
  silk,
  polyester,
  nylon,
  acrylic,
  modacrylic,
  polypropylene,
  elastane,
  glass,
  metallic,
}
