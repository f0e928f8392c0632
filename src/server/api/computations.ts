import { comfortComputation } from './comfort'
import { countComputation } from './count'
import { dyeComputation } from './dye'
import { enoughComputation } from './enough'
import { envelopeComputation } from './envelope'
import { identifyComputation } from './identify'
import { layComputation } from './lay'
import { matchComputation } from './match'
import { mixComputation } from './mix'
import { nameComputation } from './name'
import { outlinesComputation } from './outlines'
import { prepareComputation } from './prepare'
import { quantityComputation } from './quantity'
import { setComputation } from './set'
import { sewComputation } from './sew'
import { tableComputation } from './table'
import { teardownComputation } from './teardown'
import { unravelComputation } from './unravel'
import { weighComputation } from './weigh'
import { type Computation } from './computation'

/** Every computation that is asked for over HTTP, in the order in which they are told. */
export const computations: readonly Computation[] = [
  identifyComputation,
  weighComputation,
  nameComputation,
  countComputation,
  matchComputation,
  layComputation,
  sewComputation,
  prepareComputation,
  mixComputation,
  dyeComputation,
  teardownComputation,
  unravelComputation,
  setComputation,
  comfortComputation,
  enoughComputation,
  envelopeComputation,
  quantityComputation,
  outlinesComputation,
  tableComputation,
]

/** @returns undefined where there is none of that name */
export const computationOf = (name: string): Computation | undefined => computations.find((one) => one.name === name)
