import { z } from 'zod'

/** Which specimen lies on the tray, without saying so to whoever looks at the page. */
export interface Specimen {
  topic: string
  seed: number
}

const SpecimenSchema = z.strictObject({ topic: z.string().min(1).max(60), seed: z.number().int().min(0) })

export function tokenOf(specimen: Specimen): string {
  return Buffer.from(JSON.stringify(specimen)).toString('base64url')
}

/** @returns undefined where it is no token of ours */
export function specimenOf(token: string): Specimen | undefined {
  try {
    return SpecimenSchema.safeParse(JSON.parse(Buffer.from(token, 'base64url').toString('utf8'))).data
  } catch {
    return undefined
  }
}
