import { z } from 'zod'
import { INSPECTION_IDS } from '../../core/vocabulary/inspection'
import { nameCloth } from '../../core/cloths/name'
import { DescriptionSchema } from '../../core/notebook/schemas/inspection'
import { computation } from './computation'

export const NameRequest = DescriptionSchema

export const NameResponse = z.object({
  names: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      also: z.array(z.string()),
      probability: z.number().min(0).max(1.0000001),
      for: z.array(z.string()),
      against: z.array(z.string()),
      makes: z.string(),
    }),
  ),
  next: z.array(z.object({ feature: z.enum(INSPECTION_IDS), bits: z.number(), text: z.string() })),
  warnings: z.array(z.string()),
})

export const nameComputation = computation({
  name: 'name',
  summary: 'What is this fabric called, given how it is made?',
  request: NameRequest,
  response: NameResponse,
  example: {
    inspection: { construction: 'woven', interlacing: ['twill'] },
    gsm: 270,
    stretchPercent: { length: 0, width: 2 },
    fibres: ['cotton'],
  },
  run: (description) => {
    const { none, names, ...rest } = nameCloth(description)
    const noName = {
      id: 'none',
      name: 'None of these',
      also: [],
      probability: none,
      for: [],
      against: [],
      makes: NONE_MAKES,
    }
    // In its place among the names, so that they sum to 1.
    const at = names.findIndex(({ probability }) => probability < none)
    return { ...rest, names: at < 0 ? [...names, noName] : [...names.slice(0, at), noName, ...names.slice(at)] }
  },
})

const NONE_MAKES = 'A fabric that is not in our list: your answers fit none of its names well.'
