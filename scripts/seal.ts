import { sealed } from '@/server/door/passphrase'

// What is kept of a passphrase: tsx scripts/seal.ts PASSPHRASE
void sealed(process.argv[2] ?? '').then((seal) => process.stdout.write(seal))
