const WORDS =
  'a about am an and are as at be best by can could did do does for from get good have how i if in into is it its me ' +
  'my need of on or our should so some that the them then there this to too up use using want was we what when ' +
  'where which who why will with would you your'

/** Words of a question that say nothing of what is looked for. */
export const STOP_WORDS: ReadonlySet<string> = new Set(WORDS.split(' '))
