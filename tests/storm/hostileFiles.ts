import { deflateRawSync, deflateSync, crc32 } from 'node:zlib'
import { type Random } from './random'

/** The formats that the program reads. */
export const FORMATS = ['dxf', 'svg', 'csv', 'ics', 'json', 'zip', 'picture'] as const
export type Format = (typeof FORMATS)[number]

const many = (count: number, made: (i: number) => string) => Array.from({ length: count }, (_, i) => made(i)).join('')
/** From so many to ten times as many. */
const some = (random: Random, least: number) => Math.round(least * 10 ** random())
/** A number that no drawing has, or one that it has. */
const odd = (random: Random) =>
  [1e12, -1e12, 1e300, 1e-300, NaN, Infinity, 0, random() * 1000][Math.floor(random() * 8)]!

const line = (x1: number, y1: number, x2: number, y2: number) =>
  `0\nLINE\n8\n0\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`
const block = (name: string, body: string) => `0\nBLOCK\n8\n0\n2\n${name}\n10\n0\n20\n0\n${body}0\nENDBLK\n`
const insert = (name: string, more = '') => `0\nINSERT\n8\n0\n2\n${name}\n10\n0\n20\n0\n${more}`
const dxf = (body: string, blocks = '') =>
  `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n` +
  (blocks && `0\nSECTION\n2\nBLOCKS\n${blocks}0\nENDSEC\n`) +
  `0\nSECTION\n2\nENTITIES\n${body}0\nENDSEC\n0\nEOF\n`

const DXF: readonly ((random: Random) => string)[] = [
  (random) => dxf(many(some(random, 500), (i) => line(i * 10, 0, i * 10 + 5, 3))),
  (random) =>
    dxf(many(some(random, 500), () => line(random() * 900, random() * 900, random() * 900, random() * 900))),
  (random) => dxf(many(some(random, 500), (i) => line(0, 0, Math.cos(i) * 100, Math.sin(i) * 100))),
  (random) => dxf(many(some(random, 500), (i) => line(i / 100, 0, i / 100 + 0.005, 0))),
  (random) =>
    dxf(
      many(some(random, 300), (i) =>
        [line(i * 30, 0, i * 30 + 20, 0), line(i * 30 + 20, 0, i * 30, 20), line(i * 30, 20, i * 30, 0)].join(''),
      ),
    ),
  (random) => dxf(`0\nCIRCLE\n8\n0\n10\n${odd(random)}\n20\n0\n40\n${odd(random)}\n`),
  (random) => dxf(many(some(random, 500), (i) => `0\nCIRCLE\n8\n0\n10\n${i * 3}\n20\n0\n40\n1000\n`)),
  (random) => dxf(`0\nARC\n8\n0\n10\n0\n20\n0\n40\n${odd(random)}\n50\n${odd(random)}\n51\n${odd(random)}\n`),
  (random) =>
    dxf(`0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n${odd(random)}\n21\n${odd(random)}\n40\n${odd(random)}\n41\n0\n42\n7\n`),
  (random) =>
    dxf(
      `0\nSPLINE\n8\n0\n71\n${Math.floor(random() * 30)}\n72\n0\n` +
        many(some(random, 1000), (i) => `10\n${i % 7}e9\n20\n${i % 11}e9\n`),
    ),
  (random) =>
    dxf(
      '0\nLWPOLYLINE\n8\n0\n90\n9\n70\n1\n' +
        many(some(random, 9000), (i) => `10\n${Math.cos(i) * 90}\n20\n${Math.sin(i) * 90}\n42\n${odd(random)}\n`),
    ),
  () => dxf(insert('A', '70\n1000000\n71\n1000000\n44\n1\n45\n1\n'), block('A', line(0, 0, 1, 1))),
  (random) => {
    const deep = some(random, 6)
    const blocks = many(deep, (i) => block(`B${i}`, insert(`B${i + 1}`) + insert(`B${i + 1}`)))
    return dxf(insert('B0'), blocks + block(`B${deep}`, line(0, 0, 1, 1)))
  },
  () => dxf(insert('A'), block('A', insert('A') + insert('A'))),
  (random) => dxf(many(some(random, 2000), (i) => `0\nTEXT\n8\n0\n10\n${i}\n20\n0\n1\nhello ${i}\n`)),
  (random) => '0\nSECTION\n'.repeat(some(random, 9000)),
  (random) => `${many(some(random, 9000), (i) => `${i}\n${odd(random)}\n`)}`,
]

const svg = (body: string, size = 'width="1000mm" height="1000mm" viewBox="0 0 1000 1000"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${body}</svg>`

const SVG: readonly ((random: Random) => string)[] = [
  (random) => svg(`<path d="M0 0 C ${odd(random)} 0 1e12 ${odd(random)} 0 1e12 Z"/>`),
  (random) => svg(`<g transform="scale(${odd(random)}) rotate(${odd(random)})"><circle r="100"/></g>`),
  (random) => svg(`<path d="M0 0 A ${odd(random)} 1e15 0 1 1 5 5 Z"/>`),
  (random) => {
    const deep = some(random, 6)
    const groups = many(deep, (i) => `<g id="g${i}"><use href="#g${i + 1}"/><use href="#g${i + 1}"/></g>`)
    return svg(`<defs>${groups}<path id="g${deep}" d="M0 0h9v9z"/></defs><use href="#g0"/>`)
  },
  () => svg('<g id="a"><use href="#a"/><use href="#a"/></g>'),
  (random) => {
    const deep = some(random, 5000)
    return svg(`${'<g>'.repeat(deep)}<path d="M0 0h9v9z"/>${'</g>'.repeat(deep)}`)
  },
  (random) => svg(many(some(random, 2000), (i) => `<path d="M${i} 0h90v90z"/>`)),
  (random) => svg(many(some(random, 700), (i) => `<line x1="${i * 10}" y1="0" x2="${i * 10 + 5}" y2="3"/>`)),
  (random) => svg(`<polygon points="${many(some(random, 9000), (i) => `${i % 97},${i % 89} `)}"/>`),
  (random) => svg(`<path d="${'M0 0h1v1z'.repeat(some(random, 9000))}"/>`),
  (random) => svg(`<path d="M${'1'.repeat(some(random, 90_000))} 0h9v9z"/>`),
  (random) => svg(`<path d="M0 0 ${' '.repeat(some(random, 90_000))}h9v9z"/>`),
  (random) => svg(`<style>${'.a{fill:red}'.repeat(some(random, 5000))}</style><path class="a" d="M0 0h90v90z"/>`),
  () => svg('<path d="M0 0h90v90z"/>', 'width="0mm" height="1e999mm" viewBox="0 0 0 0"'),
  (random) =>
    `<!DOCTYPE svg [${many(some(random, 3), (i) => `<!ENTITY e${i} "&e${i + 1};&e${i + 1};">`)}]>${svg('&e0;')}`,
  (random) => '<svg>'.repeat(some(random, 9000)),
]

const CSV: readonly ((random: Random) => string)[] = [
  (random) => '""'.repeat(some(random, 40_000)),
  (random) => ','.repeat(some(random, 80_000)),
  (random) => 'a,b\n'.repeat(some(random, 15_000)),
  (random) => `"${'a'.repeat(some(random, 80_000))}`,
  (random) => `name,width\n${'9'.repeat(some(random, 80_000))},1`,
  (random) => ';"'.repeat(some(random, 40_000)),
  (random) => '"\n'.repeat(some(random, 40_000)),
  (random) => `name,length,width,fibre\n${'wool,2 m,150 cm,100% wool\n'.repeat(some(random, 480))}`,
  (random) => `name\n${'wool '.repeat(some(random, 16_000))}`,
  (random) => `name,composition\nx,${'50% wool '.repeat(some(random, 9000))}`,
  (random) => `${'name,'.repeat(some(random, 400))}\n${'x,'.repeat(3000)}`,
  (random) => `name,length\nx,${'1/'.repeat(some(random, 9000))}2 m`,
  () => '\u0000\ufeff\ud800,\n',
]

const calendar = (body: string) => `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${body}END:VCALENDAR\r\n`
const event = (i: number, more = '') =>
  `BEGIN:VEVENT\r\nUID:e${i}\r\nDTSTART:20270101T100000\r\nDTEND:20270101T110000\r\n${more}END:VEVENT\r\n`
const RULES = [
  'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
  'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31',
  'FREQ=SECONDLY;BYMONTH=2;BYMONTHDAY=30',
  'FREQ=SECONDLY',
  'FREQ=HOURLY;INTERVAL=1',
  'FREQ=YEARLY;BYWEEKNO=60',
  'FREQ=MONTHLY;BYSETPOS=99;BYDAY=MO',
  'FREQ=MINUTELY;BYHOUR=25',
]

const ICS: readonly ((random: Random) => string)[] = [
  (random) => calendar(event(1, `RRULE:${RULES[Math.floor(random() * RULES.length)]!}\r\n`)),
  (random) => calendar(many(some(random, 1000), (i) => event(i))),
  (random) => calendar(many(some(random, 60), (i) => event(i, 'RRULE:FREQ=DAILY\r\n'))),
  (random) =>
    calendar(
      event(1, 'RRULE:FREQ=DAILY\r\n') +
        many(some(random, 300), (i) =>
          event(1, `RECURRENCE-ID:202701${String((i % 28) + 1).padStart(2, '0')}T100000\r\n`),
        ),
    ),
  (random) => calendar(event(1, `RRULE:FREQ=DAILY\r\n${'EXDATE:20270105T100000\r\n'.repeat(some(random, 900))}`)),
  (random) => calendar('BEGIN:VTODO\r\n'.repeat(some(random, 5000))),
  (random) => calendar(`X-A:${'a'.repeat(some(random, 90_000))}\r\n`),
  (random) => calendar(`X-A:a\r\n${' a\r\n'.repeat(some(random, 30_000))}`),
  () => calendar(event(1, 'DURATION:P999999999W\r\n')),
  (random) => 'BEGIN:VCALENDAR\r\n'.repeat(some(random, 9000)),
]

const JSONS: readonly ((random: Random) => string)[] = [
  (random) => '['.repeat(some(random, 90_000)),
  (random) => `${'{"a":'.repeat(some(random, 9000))}1`,
  (random) => JSON.stringify({ format: 'rough-swatch', version: 1, records: Array(some(random, 20_000)).fill(null) }),
  (random) =>
    JSON.stringify({ format: 'rough-swatch', records: { length: 1e9 }, ['x'.repeat(some(random, 9000))]: 1 }),
  (random) => `[${'1,'.repeat(some(random, 90_000))}`,
  () => '{"__proto__":{"records":[]},"records":[{"id":{"toString":1}}]}',
]

/** A ZIP archive of one file, its central directory saying what it is told. */
function zipOf(name: string, body: Uint8Array, said: number): Buffer {
  const packed = deflateRawSync(body)
  const crc = crc32(body)
  const head = (signature: number, extra: Buffer) => {
    const part = Buffer.alloc(26)
    part.writeUInt16LE(20, 0)
    part.writeUInt16LE(8, 4)
    part.writeUInt32LE(crc, 10)
    part.writeUInt32LE(packed.length, 14)
    part.writeUInt32LE(said >>> 0, 18)
    part.writeUInt16LE(name.length, 22)
    const start = Buffer.alloc(4)
    start.writeUInt32LE(signature)
    return Buffer.concat([start, extra, part])
  }
  const local = Buffer.concat([head(0x04034b50, Buffer.alloc(0)), Buffer.from(name), packed])
  const central = Buffer.concat([head(0x02014b50, Buffer.from([20, 0])), Buffer.alloc(14), Buffer.from(name)])
  const end = Buffer.alloc(22)
  end.writeUInt32LE(0x06054b50, 0)
  end.writeUInt16LE(1, 8)
  end.writeUInt16LE(1, 10)
  end.writeUInt32LE(central.length, 12)
  end.writeUInt32LE(local.length, 16)
  return Buffer.concat([local, central, end])
}

const ZIP: readonly ((random: Random) => Buffer)[] = [
  (random) => zipOf('notebook.json', Buffer.alloc(some(random, 9_000_000)), 0xffffffff),
  (random) => zipOf('notebook.json', Buffer.alloc(some(random, 9_000_000), '['), 10),
  (random) => zipOf('../../notebook.sqlite', Buffer.from('x'), Math.round(random() * 1e9)),
  (random) => zipOf('notebook.json', Buffer.from('{}'), 2).subarray(0, Math.round(random() * 120)),
  (random) => Buffer.concat([Buffer.from('PK\u0003\u0004'), Buffer.alloc(some(random, 9000), 0xff)]),
]

/** A PNG file that says it is so large. */
function pngOf(width: number, height: number, body: Uint8Array): Buffer {
  const chunk = (type: string, data: Uint8Array) => {
    const named = Buffer.concat([Buffer.from(type), data])
    const [length, crc] = [Buffer.alloc(4), Buffer.alloc(4)]
    length.writeUInt32BE(data.length)
    crc.writeUInt32BE(crc32(named))
    return Buffer.concat([length, named, crc])
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(width, 0)
  head.writeUInt32BE(height, 4)
  head.writeUInt8(8, 8)
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(body)),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

const PICTURES: readonly ((random: Random) => Buffer)[] = [
  () => pngOf(1, 40_000_000, Buffer.alloc(80_000_000)),
  () => pngOf(40_000_000, 1, Buffer.alloc(40_000_001)),
  (random) => pngOf(some(random, 7000), some(random, 7000), Buffer.alloc(9_000_000)),
  (random) => pngOf(0, Math.round(random() * 9), Buffer.alloc(9)),
  (random) => pngOf(0x7fffffff, 0x7fffffff, Buffer.alloc(some(random, 90))),
  (random) => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(some(random, 90_000), 0xff)]),
  (random) => Buffer.from(`RIFF${'\u0000'.repeat(some(random, 900))}WEBP`),
]

const MADE: Readonly<Record<Format, readonly ((random: Random) => string | Buffer)[]>> = {
  ...{ dxf: DXF, svg: SVG, csv: CSV, ics: ICS, json: JSONS, zip: ZIP, picture: PICTURES },
}

/** A file of a format that nobody's program writes; each kind in its turn. */
export function hostileFile(format: Format, turn: number, random: Random): Uint8Array<ArrayBuffer> {
  const kinds = MADE[format]
  return new Uint8Array(Buffer.from(kinds[turn % kinds.length]!(random) as Buffer))
}
