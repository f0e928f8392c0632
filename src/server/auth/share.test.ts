import { spawn } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { isPassphrase } from './passphrase'

const PHRASE = 'heron lobby selvedge pin'

/** Whether the words of any process on this machine have it. */
function isListed(words: string): boolean {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .some((id) => {
      try {
        return readFileSync(`/proc/${id}/cmdline`, 'utf8').includes(words)
      } catch {
        return false
      }
    })
}

/** Opens the notebook to the home network, as `npm run start` does, and looks at the list of processes meanwhile. */
async function shared(env: Record<string, string>) {
  const script = `const { share } = await import('./scripts/share.mjs'); await share(4170)
    console.log('SEAL ' + process.env.ROUGH_SWATCH_SEAL)`
  const child = spawn(process.execPath, ['--input-type=module', '-e', script], { env: { ...process.env, ...env } })
  let said = ''
  child.stdout.on('data', (part: Buffer) => (said += part.toString()))
  let wasListed = false
  const looking = setInterval(() => (wasListed ||= isListed(PHRASE)), 20)
  await new Promise((resolve) => child.on('close', resolve))
  clearInterval(looking)
  return { said, wasListed, seal: /SEAL (\S+)/.exec(said)?.[1] ?? '' }
}

it('keeps a passphrase of one’s own out of the list of processes, and opens to it', async () => {
  const { seal, wasListed, said } = await shared({ ROUGH_SWATCH_PASSPHRASE: PHRASE })
  expect(wasListed).toBe(false)
  expect(said).not.toContain(PHRASE)
  expect([await isPassphrase(PHRASE, seal), await isPassphrase('another', seal)]).toEqual([true, false])
})

it('prints a new one, that opens it, before anything else', async () => {
  const { said, seal } = await shared({ ROUGH_SWATCH_PASSPHRASE: '' })
  const [, phrase] = /^\s*Passphrase: (\S+)/.exec(said)!
  expect(await isPassphrase(phrase!, seal)).toBe(true)
})
