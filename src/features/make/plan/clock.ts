import { minutesOf, type Minutes } from '@/core/prepare/minutes'

/** This minute by the clock of the machine that the program runs on, which is the person's own. */
export function minuteNow(): Minutes {
  const at = new Date()
  const two = (value: number) => String(value).padStart(2, '0')
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
  return minutesOf(`${day}T${two(at.getHours())}:${two(at.getMinutes())}`)!
}
