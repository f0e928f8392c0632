import { sql, type Kysely, type Migration } from 'kysely'

/**
 * What is found out of a piece holds for all that is of one cloth with it: what it was cut from, what was cut from it,
 * and what came in one lot. Evidence marks them all stale, and so does a change of who belongs together.
 */
export const oneCloth: Migration = {
  async up(db: Kysely<unknown>) {
    for (const name of OLD) await sql.raw(`drop trigger ${name}`).execute(db)
    for (const statement of TRIGGERS) await sql.raw(statement).execute(db)
    await sql.raw(`insert or replace into stale select id, ${MARK} from record where kind = 'piece'`).execute(db)
  },
  async down(db: Kysely<unknown>) {
    for (const name of [...OLD, 'kin_gone']) await sql.raw(`drop trigger ${name}`).execute(db)
    for (const statement of BEFORE) await sql.raw(statement).execute(db)
  },
}

const OLD = ['piece_changed', 'evidence_new', 'evidence_gone', 'control_burnt', 'control_gone']
const MARK = 'lower(hex(randomblob(8)))'
const KIN = `('lotId', 'cutFromId')`
/** No trigger walks further than this: a lot of more pieces is looked over bit by bit. */
const MOST_KIN = 500

/** Marks those as stale that are of one cloth with these. */
const forgetKinOf = (...ids: string[]) => `insert or replace into stale
  select id, ${MARK} from record where kind = 'piece' and id in (
    with recursive kin(id) as (
      ${ids.map((id) => `select ${id}`).join(' union ')}
      union select r.to_id from kin join reference r on r.from_id = kin.id and r.field in ${KIN}
      union select r.from_id from kin join reference r on r.to_id = kin.id and r.field in ${KIN}
      limit ${MOST_KIN})
    select id from kin);`

const TRIGGERS = [
  // What is written of one decides whether it may be of one cloth with the others of its lot.
  `create trigger piece_changed after update on record when new.kind = 'piece' begin ${forgetKinOf('new.id')} end`,
  `create trigger evidence_new after insert on reference when new.field in ('pieceId', 'lotId', 'cutFromId')
    begin ${forgetKinOf('new.to_id')} end`,
  `create trigger evidence_gone after delete on reference when old.field = 'pieceId'
    begin ${forgetKinOf('old.to_id')} end`,
  // Two families from now on.
  `create trigger kin_gone after delete on reference when old.field in ${KIN}
    begin ${forgetKinOf('old.to_id', 'old.from_id')} end`,
  ...controls(`union select from_id, ${MARK} from reference where field in ${KIN}
    union select to_id, ${MARK} from reference where field = 'cutFromId'`),
]

/**
 * What a person says of known pieces counts in everything that was burnt.
 * @param more and in these
 */
function controls(more: string): string[] {
  const burnt = `select distinct r.to_id, ${MARK} from reference r join record t on t.id = r.from_id
    where r.field = 'pieceId' and t.kind = 'burn-test'`
  const trigger = (name: string, when: string) =>
    `create trigger ${name} after ${when}.field = 'controlId' begin insert or replace into stale ${burnt} ${more}; end`
  return [
    trigger('control_burnt', 'insert on reference when new'),
    trigger('control_gone', 'delete on reference when old'),
  ]
}

const forget = (id: string) =>
  `insert or replace into stale select id, ${MARK} from record where id = ${id} and kind = 'piece';`

const BEFORE = [
  `create trigger piece_changed after update on record when new.kind = 'piece' begin ${forget('new.id')} end`,
  `create trigger evidence_new after insert on reference when new.field = 'pieceId' begin ${forget('new.to_id')} end`,
  `create trigger evidence_gone after delete on reference when old.field = 'pieceId' begin ${forget('old.to_id')} end`,
  ...controls(''),
]
