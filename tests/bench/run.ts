import { printAccuracy } from './accuracy'
import { benchExchange } from './computations/importing'
import { benchIdentifying } from './computations/identifying'
import { benchMatching } from './computations/matching'
import { benchNaming } from './computations/naming'
import { benchLaying } from './laying'
import { benchPlanning } from './planning'
import { report } from './tools/report'

/** Computations beside the plainest way that does the same work: `npm run bench`. */
async function run(): Promise<void> {
  const figures = [
    ...(await benchIdentifying()),
    ...(await benchNaming()),
    ...(await benchMatching()),
    ...(await benchExchange()),
  ]
  report('Computations', 'Each beside the plainest way that does the same work, its tables built once.', figures)
  if (process.argv.includes('--quick')) return
  printAccuracy()
  benchLaying()
  benchPlanning()
}

void run().then(() => process.exit(0))
