import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

/** Cost of scrypt (RFC 7914): about a tenth of a second and 32 MiB for each try. */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 }
const KEY_BYTES = 32

function derived(passphrase: string, salt: Buffer): Promise<Buffer> {
  return new Promise((resolve, reject) =>
    scrypt(passphrase.normalize('NFKC').trim(), salt, KEY_BYTES, COST, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  )
}

/** What is kept of a passphrase: a salt and a key, hexadecimal; the passphrase cannot be had back from it. */
export async function sealPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(16)
  return `${salt.toString('hex')}:${(await derived(passphrase, salt)).toString('hex')}`
}

/** Whether a passphrase is the one that was sealed; takes as long either way. */
export async function isPassphrase(said: string, seal: string): Promise<boolean> {
  const [salt, key] = seal.split(':').map((hex) => Buffer.from(hex, 'hex'))
  if (salt?.length !== 16 || key?.length !== KEY_BYTES) return false
  return timingSafeEqual(await derived(said.slice(0, MOST_SAID), salt), key)
}

/** Nobody says more than that. */
const MOST_SAID = 200
