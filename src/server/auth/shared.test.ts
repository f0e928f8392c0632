import { originForPhones } from './shared'

afterEach(() => {
  delete process.env.ROUGH_SWATCH_SHARED
})

test.each(['127.0.0.1:4170', 'localhost', 'LOCALHOST:80', '[::1]:4170', '127.9.0.1', null])(
  'asked for by %s no phone reaches it, unless it is shared',
  (host) => {
    expect(originForPhones(host)).toBeNull()
    process.env.ROUGH_SWATCH_SHARED = 'http://192.0.2.7:4170/'
    expect(originForPhones(host)).toBe('http://192.0.2.7:4170')
  },
)

test.each(['192.0.2.7:4170', 'workroom.local', 'localhost.example'])(
  'a name of the network is where it is: %s',
  (host) => expect(originForPhones(host)).toBe(`http://${host}`),
)
