import { readFileSync } from 'node:fs'
import { sealPassphrase } from '@/server/auth/passphrase'

// What is kept of a passphrase, which comes by the input: it never stands in the list of processes.
const INPUT = 0
void sealPassphrase(readFileSync(INPUT, 'utf8')).then((seal) => process.stdout.write(seal))
