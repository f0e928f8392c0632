import { DATES, type Dates } from '../dates'
import { usePreferences } from './PreferencesContext'

/** Days and times as this person writes them. */
export function useDates(): Dates {
  return DATES[usePreferences().words]
}
