'use server'

import { cookies } from 'next/headers'
import { revalidatePath } from 'next/cache'
import { PREFERENCES_COOKIE, PreferencesSchema, type Preferences } from './preferences'

const ONE_YEAR_SECONDS = 365 * 24 * 3600

export async function savePreferences(preferences: Preferences): Promise<void> {
  const value = JSON.stringify(PreferencesSchema.parse(preferences))
  ;(await cookies()).set(PREFERENCES_COOKIE, value, { maxAge: ONE_YEAR_SECONDS, sameSite: 'strict', path: '/' })
  revalidatePath('/', 'layout')
}
