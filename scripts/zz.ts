import { fillBig } from '../tests/bench/bigNotebook'
async function main() {
  const t = Date.now()
  await fillBig('/tmp/big/notebook.sqlite', { pieces: 20000, patterns: 200, tests: 2000, measurements: 38000 })
  console.log(Date.now() - t)
}
void main()
