import { sql, type Kysely, type Migration } from 'kysely'

/**
 * The notebook. All records stand in one table, each under an id that is unique across notebooks (UUID version 7), with
 * a revision, its title and the words it is found by; beside it what each refers to, a log of every change, what
 * follows from each fabric, and an index of all words. Marks and index are kept by triggers, which no way of writing
 * can forget.
 */
export const wholeNotebook: Migration = {
  async up(db: Kysely<unknown>) {
    for (const statement of [...TABLES, ...INDEXES, ...TRIGGERS]) await sql.raw(statement).execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const table of TABLE_NAMES) await sql.raw(`drop table ${table}`).execute(db)
  },
}

const TABLES = [
  `create table record (
    id text primary key, kind text not null, version integer not null, revision integer not null, data text not null,
    searched text not null, created_at text not null, updated_at text not null, title text not null default '')`,
  `create table reference (
    from_id text not null references record (id) on delete cascade, field text not null,
    to_id text not null references record (id), constraint one_a_field primary key (from_id, field))`,
  `create table change (
    seq integer primary key autoincrement, at text not null, what text not null, record_id text not null,
    kind text not null, revision integer not null, before text, after text, stroke text, undoes text,
    before_version integer, after_version integer)`,
  `create table remembered (
    piece_id text primary key references record (id) on delete cascade,
    tables text not null, stamp text not null, gist text not null, made integer not null)`,
  `create table stale (piece_id text primary key references record (id) on delete cascade, mark text not null)`,
  `create table unchecked (record_id text primary key references record (id) on delete cascade)`,
  `create table damaged (record_id text primary key references record (id) on delete cascade)`,
  `create table made_with (what text primary key, tables text not null)`,
  `create table sought_row (
    n integer primary key, record_id text not null unique references record (id) on delete cascade,
    title text not null, words text not null)`,
  `create virtual table sought using fts5 (
    title, words, content='sought_row', content_rowid='n', tokenize="unicode61 remove_diacritics 2", prefix='2 3')`,
]

/** Those that refer stand before those referred to. */
const TABLE_NAMES = [
  'sought',
  'sought_row',
  'made_with',
  'damaged',
  'unchecked',
  'stale',
  'remembered',
  'change',
  'reference',
  'record',
]

/** A record that cannot be read is of no fabric. */
const pieceIn = (column: string) => `(case when json_valid(${column}) then json_extract(${column}, '$.pieceId') end)`

const INDEXES = [
  'create index record_by_kind on record (kind, id)',
  'create index reference_to on reference (to_id)',
  'create index change_of on change (record_id)',
  'create index change_by_stroke on change (stroke)',
  'create index remembered_by_making on remembered (made)',
  `create index change_to_piece on change (${pieceIn('after')})`,
  `create index change_from_piece on change (${pieceIn('before')})`,
  'create index change_undoing on change (seq) where undoes is not null',
]

const MARK = 'lower(hex(randomblob(8)))'
const KIN = `('lotId', 'cutFromId')`
/** No trigger walks further than this: a lot of more pieces is looked over bit by bit. */
const MOST_KIN = 500

/** Marks those as stale that are of one cloth with these: cut from it, what it was cut from, of one lot. */
const forgetKinOf = (...ids: string[]) => `insert or replace into stale
  select id, ${MARK} from record where kind = 'piece' and id in (
    with recursive kin(id) as (
      ${ids.map((id) => `select ${id}`).join(' union ')}
      union select r.to_id from kin join reference r on r.from_id = kin.id and r.field in ${KIN}
      union select r.from_id from kin join reference r on r.to_id = kin.id and r.field in ${KIN}
      limit ${MOST_KIN})
    select id from kin);`

/** What a person says of known pieces counts in everything that was burnt, and in what is of one cloth with it. */
const FORGET_BURNT = `insert or replace into stale
  select distinct r.to_id, ${MARK} from reference r join record t on t.id = r.from_id
    where r.field = 'pieceId' and t.kind = 'burn-test'
  union select from_id, ${MARK} from reference where field in ${KIN}
  union select to_id, ${MARK} from reference where field = 'cutFromId';`

const index = (row: string) =>
  `insert into sought (rowid, title, words) values (${row}.n, ${row}.title, ${row}.words);`
const unindex = (row: string) =>
  `insert into sought (sought, rowid, title, words) values ('delete', ${row}.n, ${row}.title, ${row}.words);`

const trigger = (name: string, when: string, statements: string) =>
  `create trigger ${name} after ${when} begin ${statements} end`

const TRIGGERS = [
  trigger(
    'piece_new',
    `insert on record when new.kind = 'piece'`,
    `insert or replace into stale values (new.id, ${MARK});`,
  ),
  // What is written of one decides whether it may be of one cloth with the others of its lot.
  trigger('piece_changed', `update on record when new.kind = 'piece'`, forgetKinOf('new.id')),
  trigger(
    'evidence_new',
    `insert on reference when new.field in ('pieceId', 'lotId', 'cutFromId')`,
    forgetKinOf('new.to_id'),
  ),
  trigger('evidence_gone', `delete on reference when old.field = 'pieceId'`, forgetKinOf('old.to_id')),
  // Two families from now on.
  trigger('kin_gone', `delete on reference when old.field in ${KIN}`, forgetKinOf('old.to_id', 'old.from_id')),
  trigger('control_burnt', `insert on reference when new.field = 'controlId'`, FORGET_BURNT),
  trigger('control_gone', `delete on reference when old.field = 'controlId'`, FORGET_BURNT),
  trigger('unchecked_new', 'insert on record', 'insert or ignore into unchecked values (new.id);'),
  trigger('unchecked_changed', 'update on record', 'insert or ignore into unchecked values (new.id);'),
  trigger(
    'words_new',
    'insert on record',
    'insert into sought_row (record_id, title, words) values (new.id, new.title, new.searched);',
  ),
  trigger(
    'words_changed',
    'update of title, searched on record when new.title <> old.title or new.searched <> old.searched',
    'update sought_row set title = new.title, words = new.searched where record_id = new.id;',
  ),
  trigger('sought_new', 'insert on sought_row', index('new')),
  trigger('sought_gone', 'delete on sought_row', unindex('old')),
  trigger('sought_changed', 'update on sought_row', unindex('old') + index('new')),
]
