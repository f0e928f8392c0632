import { type ScalePort } from '@/devices/scale/port'

/**
 * What is used of the browser's serial ports (Web Serial, WICG draft); typed here since the DOM library leaves it
 * out.
 */
interface SerialPortLike {
  open(options: { baudRate: number }): Promise<void>
  close(): Promise<void>
  readable: ReadableStream<Uint8Array> | null
  writable: WritableStream<Uint8Array> | null
}
type SerialNavigator = Navigator & { serial?: { requestPort(): Promise<SerialPortLike> } }

/** Rates that small scales speak at; common practice. */
export const BAUD_RATES = [9600, 4800, 2400, 19200] as const

/** Whether this browser has serial ports at all. */
export function hasSerial(): boolean {
  return 'serial' in navigator
}

/** A scale on a serial port of this machine; the browser asks the person which. */
export class SerialScale implements ScalePort {
  readonly name = 'Scale with a cable'
  private port: SerialPortLike | undefined
  private reader: ReadableStreamDefaultReader<Uint8Array> | undefined
  private reading: Promise<void> = Promise.resolve()

  constructor(private readonly baudRate: number) {}

  async open(onLine: (line: string) => void): Promise<void> {
    const { serial } = navigator as SerialNavigator
    if (!serial) throw new Error('This browser has no serial ports. Please type the weight.')
    this.port = await serial.requestPort()
    await this.port.open({ baudRate: this.baudRate })
    if (!this.port.readable) throw new Error('We connected to the scale, but can’t read from it.')
    this.reader = this.port.readable.getReader()
    this.reading = this.listen(this.reader, onLine)
  }

  private async listen(
    reader: ReadableStreamDefaultReader<Uint8Array>,
    onLine: (line: string) => void,
  ): Promise<void> {
    const text = new TextDecoder()
    let rest = ''
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      const lines = (rest + text.decode(value, { stream: true })).split(/[\r\n]+/)
      rest = lines.pop() ?? ''
      lines.filter(Boolean).forEach(onLine)
    }
  }

  /** Small scales have no common order for zero: their own button is pressed. */
  tare(): Promise<boolean> {
    return Promise.resolve(false)
  }

  async close(): Promise<void> {
    await this.reader?.cancel().catch(() => {})
    await this.reading.catch(() => {})
    this.reader?.releaseLock()
    await this.port?.close()
    this.port = undefined
  }
}
