import { writeFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib.mjs'

const TASKS = 'src/server/tasks/tasks.ts'

const common = {
  absWorkingDir: root,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  metafile: true,
  outExtension: { '.js': '.mjs' },
  logLevel: 'warning',
}

/**
 * Bundles the tasks of the worker threads beside the built program, each in a file that is loaded when the task is
 * first asked for: a worker that only cleans a picture need not load what prints cards.
 * @param dist folder of the built program, from the root
 */
export async function bundleHeavy(dist = '.next') {
  const { metafile } = await build({ ...common, entryPoints: [TASKS], write: false, outdir: dist })
  const entryPoints = metafile.inputs[TASKS].imports.map(({ path }) => path)
  const [{ exports: tasks }] = Object.values(metafile.outputs)
  const outdir = join(dist, 'heavy')
  const { metafile: made } = await build({ ...common, entryPoints, splitting: true, outdir })
  const lines = Object.entries(made.outputs)
    .filter(([, { entryPoint }]) => entryPoints.includes(entryPoint))
    .flatMap(([file, { exports }]) =>
      exports.filter((name) => tasks.includes(name)).map((name) => lineOf(name, basename(file))),
    )
  writeFileSync(join(root, outdir, 'index.mjs'), `${lines.join('\n')}\n`)
}

// The task says when it is begun: its limit of time runs from there.
const lineOf = (name, file) =>
  `export const ${name} = async ({ task, begun }) => {
  const tasks = await import('./${file}')
  begun.postMessage('begun')
  return tasks.${name}(task)
}`
