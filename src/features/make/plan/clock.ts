import { type Minutes } from '@/core/prepare/minutes'
import { minutesByTheClock } from '@/server/clock'

/** This minute by the clock of the machine that the program runs on, which is the person's own. */
export const minuteNow = (): Minutes => minutesByTheClock(new Date())
