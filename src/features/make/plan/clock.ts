import { minutesByTheClock, type Minutes } from '@/core/prepare/minutes'

/** This minute by the clock of the machine that the program runs on, which is the person's own. */
export const minuteNow = (): Minutes => minutesByTheClock(Date.now())
