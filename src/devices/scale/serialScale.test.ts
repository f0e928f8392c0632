import { readScaleLine } from '@/core/measure/scale/line'
import { hasSerial, SerialScale } from './serialScale'

/** A browser with one serial port, which sends what it is given. */
function plugIn(port: unknown) {
  Object.defineProperty(globalThis, 'navigator', {
    configurable: true,
    value: { serial: { requestPort: () => Promise.resolve(port) } },
  })
}

function cable() {
  let feed!: ReadableStreamDefaultController<Uint8Array>
  const opened: number[] = []
  let closed = 0
  const port = {
    open: ({ baudRate }: { baudRate: number }) => {
      opened.push(baudRate)
      return Promise.resolve()
    },
    close: () => {
      closed += 1
      return Promise.resolve()
    },
    readable: new ReadableStream<Uint8Array>({
      start: (controller) => {
        feed = controller
      },
    }),
    writable: null,
  }
  return { port, opened, send: (text: string) => feed.enqueue(new TextEncoder().encode(text)), closed: () => closed }
}

const soon = () =>
  new Promise((resolve) => {
    setTimeout(resolve, 5)
  })

afterEach(() => {
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: {} })
})

it('puts lines together that arrive in pieces, at the rate that was chosen, and lets go of the port', async () => {
  const { port, opened, send, closed } = cable()
  plugIn(port)
  expect(hasSerial()).toBe(true)
  const lines: string[] = []
  const scale = new SerialScale(4800)
  await scale.open((line) => lines.push(line))
  send('ST,GS,+0000')
  send('2.4 g\r\nUS,GS,+00')
  await soon()
  expect(lines).toEqual(['ST,GS,+00002.4 g'])
  send('003.1 g\r\n')
  await soon()
  expect(lines.map((line) => readScaleLine(line)!.grams)).toEqual([2.4, 3.1])
  expect(opened).toEqual([4800])
  expect(await scale.tare()).toBe(false)
  await scale.close()
  expect(closed()).toBe(1)
})

it('says in words what it cannot do', async () => {
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: {} })
  expect(hasSerial()).toBe(false)
  await expect(new SerialScale(9600).open(() => {})).rejects.toThrow('Please type the weight')
  plugIn({ ...cable().port, readable: null })
  await expect(new SerialScale(9600).open(() => {})).rejects.toThrow('can’t read from it')
})
