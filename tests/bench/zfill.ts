import { fillBig } from '/work/main/tests/bench/bigNotebook'
void fillBig('/tmp/bignb/notebook.sqlite', { pieces: 20_000, patterns: 200, tests: 2000, measurements: 38_000, projects: 200 }).then(() => console.log('filled'))
