import { request } from 'node:http'
import { dice } from '../support/seen'
import { actionsOf, shotMaker, type Shot } from './requests'

export interface Hit extends Shot {
  status: number
  ms: number
  answer: string
}

/** Answers that may have written something: every other must have left the notebook as it was. */
export function mayHaveWritten({ headers, status, answer }: Hit): boolean {
  return (
    headers['next-action'] !== undefined && (status === 303 || (status === 200 && !answer.includes('"ok":false')))
  )
}

/** Longest that an answer is waited for, ms. */
const PATIENCE_MS = 20_000

/** Sends so many generated requests, a few at a time; answers those that went wrong and how the rest went. */
export async function storm(url: string, build: string, shots: number, seed: number, atOnce = 2): Promise<Hit[]> {
  const next = shotMaker(actionsOf(build), url, dice(seed))
  const hits: Hit[] = []
  let left = shots
  const worker = async () => {
    while (left-- > 0) hits.push(await hit(url, next()))
  }
  await Promise.all(Array.from({ length: atOnce }, worker))
  return hits
}

function hit(url: string, shot: Shot): Promise<Hit> {
  const { hostname, port } = new URL(url)
  const since = performance.now()
  return new Promise((resolve) => {
    const done = (status: number, answer: string) =>
      resolve({ ...shot, status, answer, ms: performance.now() - since })
    // Not `fetch`: it would mend broken addresses before it sends them.
    const asked = request(
      { hostname, port, method: shot.method, path: shot.path, headers: shot.headers, timeout: PATIENCE_MS },
      (answer) => {
        let text = ''
        answer.setEncoding('utf8').on('data', (part: string) => {
          if (text.length < 2000) text += part
        })
        answer.on('end', () => done(answer.statusCode!, text))
      },
    )
    asked.on('timeout', () => asked.destroy(new Error('no answer')))
    asked.on('error', (error) => done(0, String(error)))
    asked.end(shot.body)
  })
}
