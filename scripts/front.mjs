// The server of the built program: Next, with a door of our own in front of it.
//   node scripts/front.mjs -H 127.0.0.1 -p 4170
import { createServer, STATUS_CODES } from 'node:http'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { setFlagsFromString } from 'node:v8'
import next from 'next'

// It runs beside everything else on somebody's own machine: a third of the memory, for more sweeping. Not at once: the
// first page reads the whole stash, and would take half as long again.
const SPARING_AFTER_MS = 15_000
setTimeout(() => setFlagsFromString('--optimize-for-size'), SPARING_AFTER_MS).unref()

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const { values } = parseArgs({
  options: { host: { type: 'string', short: 'H', default: '127.0.0.1' }, port: { type: 'string', short: 'p' } },
})
const [hostname, port] = [values.host, Number(values.port)]

/** What is asked here; Next itself answers what a page or a route does not know of them. */
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])
/** Said by a server in front of this one. There is none: whoever says them is not who they say. */
const FORWARDED = ['forwarded', 'x-forwarded-host', 'x-forwarded-proto', 'x-forwarded-port', 'x-real-ip']
/** No request carries more than the largest notebook that is taken in, bytes. */
const MOST_BYTES = 251 * 1024 * 1024

const app = next({ dev: false, dir: root, hostname, port })
await app.prepare()
const handle = app.getRequestHandler()

const problem = (message) =>
  JSON.stringify({ error: { code: 'bad-input', message, issues: [{ path: 'method', message }] } })

const server = createServer((request, response) => {
  if (!METHODS.has(request.method ?? '')) return refuse(response, 405, 'No page here uses that method.')
  for (const name of FORWARDED) delete request.headers[name]
  // Who asks, as the network tells it: tries at the door are counted by it.
  request.headers['x-forwarded-for'] = request.socket.remoteAddress ?? ''
  count(request)
  return handle(request, response)
})

function refuse(response, status, message) {
  response.writeHead(status, { 'content-type': 'application/json', connection: 'close' })
  response.end(problem(message))
}

/** A body that is said to be short, or of which nobody said how long it is, is counted as it comes. */
function count(request) {
  let bytes = 0
  const { push } = request
  request.push = (chunk, encoding) => {
    bytes += chunk?.length ?? 0
    if (bytes > MOST_BYTES) {
      request.destroy()
      return false
    }
    return push.call(request, chunk, encoding)
  }
}

/** What is no request at all. */
server.on('clientError', (error, socket) => {
  if (socket.destroyed || !socket.writable) return
  const status = error.code === 'HPE_INVALID_METHOD' ? 405 : error.code === 'HPE_HEADER_OVERFLOW' ? 431 : 400
  const body = problem('This is no request that can be read.')
  socket.end(
    `HTTP/1.1 ${status} ${STATUS_CODES[status]}\r\ncontent-type: application/json\r\n` +
      `content-length: ${Buffer.byteLength(body)}\r\nconnection: close\r\n\r\n${body}`,
  )
})

server.listen(port, hostname)

for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, () => {
    server.close()
    server.closeAllConnections()
    process.exit(0)
  })
