import { sql, type Kysely, type Migration } from 'kysely'
import { itemAt, mustHave } from '@/core/lists/items'

/**
 * What follows from a piece is remembered beside it, and marked stale in the same transaction that changes what it
 * follows from; every word of the notebook is indexed; and changes say which of them were done at one stroke, and
 * which stroke they take back. Marks and index are kept by triggers: no way of writing can forget them.
 */
export const rememberedAndSought: Migration = {
  async up(db: Kysely<unknown>) {
    for (const statement of [...TABLES, ...FILLING, ...TRIGGERS]) await sql.raw(statement).execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const name of TRIGGER_NAMES) await sql.raw(`drop trigger ${name}`).execute(db)
    for (const table of ['remembered', 'stale', 'unchecked', 'damaged', 'made_with', 'sought', 'sought_row'])
      await sql.raw(`drop table ${table}`).execute(db)
    await sql.raw('drop index change_by_stroke').execute(db)
    for (const column of ['stroke', 'undoes', 'before_version', 'after_version'])
      await sql.raw(`alter table change drop column ${column}`).execute(db)
    await sql.raw('alter table record drop column title').execute(db)
  },
}

const TABLES = [
  `alter table record add column title text not null default ''`,
  `alter table change add column stroke text`,
  `alter table change add column undoes text`,
  `alter table change add column before_version integer`,
  `alter table change add column after_version integer`,
  `create index change_by_stroke on change (stroke)`,
  `create table remembered (
    piece_id text primary key references record (id) on delete cascade,
    tables text not null, stamp text not null, gist text not null, made integer not null)`,
  `create index remembered_by_making on remembered (made)`,
  `create table stale (
    piece_id text primary key references record (id) on delete cascade,
    mark text not null)`,
  `create table unchecked (record_id text primary key references record (id) on delete cascade)`,
  `create table damaged (record_id text primary key references record (id) on delete cascade)`,
  `create table made_with (what text primary key, tables text not null)`,
  `create table sought_row (
    n integer primary key, record_id text not null unique references record (id) on delete cascade,
    title text not null, words text not null)`,
  `create virtual table sought using fts5 (
    title, words, content='sought_row', content_rowid='n', tokenize="unicode61 remove_diacritics 2", prefix='2 3')`,
]

const FILLING = [
  `update record set title = coalesce(json_extract(data, '$.name'), '') where json_valid(data)`,
  `insert into sought_row (record_id, title, words) select id, title, searched from record`,
  `insert into sought (sought) values ('rebuild')`,
  `insert into unchecked select id from record`,
  `insert into stale select id, lower(hex(randomblob(8))) from record where kind = 'piece'`,
]

const MARK = 'lower(hex(randomblob(8)))'
/** Every piece that somebody burnt a bit of: what a person says of known pieces counts in all of these. */
const BURNT = `select distinct r.to_id, ${MARK} from reference r join record t on t.id = r.from_id
  where r.field = 'pieceId' and t.kind = 'burn-test'`

const trigger = (name: string, when: string, statements: string) =>
  `create trigger ${name} after ${when} begin ${statements} end`

const forget = (id: string) =>
  `insert or replace into stale select id, ${MARK} from record where id = ${id} and kind = 'piece';`
const index = (sign: string, row: string) =>
  sign === '+'
    ? `insert into sought (rowid, title, words) values (${row}.n, ${row}.title, ${row}.words);`
    : `insert into sought (sought, rowid, title, words) values ('delete', ${row}.n, ${row}.title, ${row}.words);`

const TRIGGERS = [
  trigger('piece_new', `insert on record when new.kind = 'piece'`, forget('new.id')),
  trigger('piece_changed', `update on record when new.kind = 'piece'`, forget('new.id')),
  trigger('evidence_new', `insert on reference when new.field = 'pieceId'`, forget('new.to_id')),
  trigger('evidence_gone', `delete on reference when old.field = 'pieceId'`, forget('old.to_id')),
  trigger(
    'control_burnt',
    `insert on reference when new.field = 'controlId'`,
    `insert or replace into stale ${BURNT};`,
  ),
  trigger(
    'control_gone',
    `delete on reference when old.field = 'controlId'`,
    `insert or replace into stale ${BURNT};`,
  ),
  trigger('unchecked_new', 'insert on record', 'insert or ignore into unchecked values (new.id);'),
  trigger('unchecked_changed', 'update on record', 'insert or ignore into unchecked values (new.id);'),
  trigger(
    'words_new',
    'insert on record',
    `insert into sought_row (record_id, title, words) values (new.id, new.title, new.searched);`,
  ),
  trigger(
    'words_changed',
    'update of title, searched on record when new.title <> old.title or new.searched <> old.searched',
    `update sought_row set title = new.title, words = new.searched where record_id = new.id;`,
  ),
  trigger('sought_new', 'insert on sought_row', index('+', 'new')),
  trigger('sought_gone', 'delete on sought_row', index('-', 'old')),
  trigger('sought_changed', 'update on sought_row', index('-', 'old') + index('+', 'new')),
]

const TRIGGER_NAMES = TRIGGERS.map((text) => itemAt(mustHave(/create trigger (\w+)/.exec(text)), 1))
