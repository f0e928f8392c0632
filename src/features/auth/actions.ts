'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { endSession } from '@/server/auth/sessions'
import { parseOr404 } from '../shared/parseOr404'

/** Ends a session: its device is asked for the passphrase again. */
export async function endThis(id: string): Promise<{ ok: true }> {
  endSession(parseOr404(z.string().max(40), id))
  revalidatePath('/settings')
  return { ok: true }
}
