'use server'

import { cookies } from 'next/headers'
import { revalidatePath } from 'next/cache'
import { PREFERENCES_COOKIE, PreferencesSchema } from './preferences'
import { parseOr404 } from '../parseOr404'
import { type ActionInput } from '../actionInput'

const ONE_YEAR_SECONDS = 365 * 24 * 3600

export async function savePreferences(preferences: ActionInput<typeof PreferencesSchema>): Promise<void> {
  const value = JSON.stringify(parseOr404(PreferencesSchema, preferences))
  ;(await cookies()).set(PREFERENCES_COOKIE, value, { maxAge: ONE_YEAR_SECONDS, sameSite: 'strict', path: '/' })
  revalidatePath('/', 'layout')
}
