import { execFileSync } from 'node:child_process'
import { randomInt } from 'node:crypto'
import { networkInterfaces } from 'node:os'
import QRCode from 'qrcode'
import { bin, root } from './lib.mjs'

/** Letters and figures that nobody takes for one another. */
const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789'
const GROUPS = 4
const PER_GROUP = 4

/** A passphrase of sixteen signs, about 79 bits, in groups that can be typed on a phone. */
function newPassphrase() {
  const group = () => Array.from({ length: PER_GROUP }, () => SIGNS[randomInt(SIGNS.length)]).join('')
  return Array.from({ length: GROUPS }, group).join('-')
}

/**
 * Opens the program to the home network behind a passphrase: one of one's own in ROUGH_SWATCH_PASSPHRASE, or a new one
 * that is printed once. Only its seal reaches the server.
 */
export async function share(port) {
  const own = process.env.ROUGH_SWATCH_PASSPHRASE
  const passphrase = own || newPassphrase()
  delete process.env.ROUGH_SWATCH_PASSPHRASE
  // Printed before anything else can fail or return: a passphrase that nobody saw lets nobody in.
  console.log(own ? '\nPassphrase: the one that you set.' : `\nPassphrase: ${passphrase}`)
  // By the input and not as an argument: arguments stand in the list of processes, for everybody on this machine.
  process.env.ROUGH_SWATCH_SEAL = execFileSync(bin('tsx'), ['scripts/seal.ts'], {
    cwd: root,
    encoding: 'utf8',
    input: passphrase,
  })
  process.env.ROUGH_SWATCH_HOST = ['0.0.0.0', process.env.ROUGH_SWATCH_HOST].filter(Boolean).join(',')
  const address = Object.values(networkInterfaces())
    .flat()
    .find((one) => one && one.family === 'IPv4' && !one.internal)?.address
  if (!address) {
    console.log('This machine is in no network: only it reaches the notebook.')
    return
  }
  const url = `http://${address}:${port}/`
  // Codes on swatch cards lead there.
  process.env.ROUGH_SWATCH_SHARED = url
  console.log(`From the home network: ${url}\n${await QRCode.toString(url, { type: 'terminal', small: true })}`)
  console.log('What is sent is not encrypted: share it in a network that you trust, and nowhere else.')
}
