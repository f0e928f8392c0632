'use server'

import { cookies } from 'next/headers'
import { plainAction } from '../action'
import { PREFERENCES_COOKIE, PreferencesSchema } from './preferences'

const ONE_YEAR_SECONDS = 365 * 24 * 3600

export const savePreferences = plainAction(
  [PreferencesSchema],
  async (preferences) => {
    const value = JSON.stringify(preferences)
    const jar = await cookies()
    jar.set(PREFERENCES_COOKIE, value, { maxAge: ONE_YEAR_SECONDS, sameSite: 'strict', path: '/' })
  },
  ['everything'],
)
