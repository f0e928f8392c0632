import { MessageChannel, type MessagePort } from 'node:worker_threads'
import { serve } from '@/workers/serve'
import { Cancelled, runIn } from './runIn'

interface Jobs {
  double(value: number): number
  wait(): Promise<never>
  fail(): never
}

const open: MessagePort[] = []
afterEach(() => open.splice(0).forEach((port) => port.close()))

/** A worker that is no thread: its jobs run at the other end of a channel. @param loadsLate its code comes later */
function worker(loadsLate = false) {
  const { port1, port2 } = new MessageChannel()
  open.push(port1, port2)
  const jobs: Jobs = {
    double: (value) => value * 2,
    wait: () => new Promise(() => {}),
    fail: () => {
      throw new Error('no cloth in it')
    },
  }
  const load = () => serve(jobs, port2 as never)
  if (!loadsLate) load()
  // Nobody keeps what comes before its code does.
  else port2.on('message', () => {})
  const ended = jest.fn()
  const here = Object.assign(port1, { terminate: ended, onerror: null as null | (() => void) })
  return { here: here as unknown as Worker, ended, breaks: () => here.onerror?.(), load }
}

test('hands over the answer, and ends its worker', async () => {
  const { here, ended } = worker()
  const { answer } = runIn<Jobs, number>(here, (jobs) => jobs.double(21), 'failed')
  await expect(answer).resolves.toBe(42)
  expect(ended).toHaveBeenCalledTimes(1)
})

test('what the job throws is thrown here', async () => {
  const { here, ended } = worker()
  const { answer } = runIn<Jobs, number>(here, (jobs) => jobs.fail(), 'failed')
  await expect(answer).rejects.toThrow('no cloth in it')
  expect(ended).toHaveBeenCalledTimes(1)
})

test('to cancel it ends the worker at once', async () => {
  const { here, ended } = worker()
  const running = runIn<Jobs, number>(here, (jobs) => jobs.wait(), 'failed')
  running.cancel()
  await expect(running.answer).rejects.toBeInstanceOf(Cancelled)
  expect(ended).toHaveBeenCalledTimes(1)
})

test('a worker that cannot be run says what failed', async () => {
  const { here, breaks } = worker()
  const { answer } = runIn<Jobs, number>(here, (jobs) => jobs.wait(), 'This browser could not make the layout.')
  breaks()
  await expect(answer).rejects.toThrow('This browser could not make the layout.')
})

test('a worker whose code comes late still gets its job', async () => {
  const { here, load } = worker(true)
  const { answer } = runIn<Jobs, number>(here, (jobs) => jobs.double(21), 'failed')
  await new Promise((resolve) => setTimeout(resolve, 20))
  load()
  await expect(answer).resolves.toBe(42)
})
