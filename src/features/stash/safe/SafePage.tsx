'use client'

import { countNoun } from '@/core/units/format'
import { Actions, Page, Paper, PlainList, Soft, Tiles } from '@/ui/kit/surfaces'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { FileLink } from '@/ui/kit/links'
import { PutAway } from '@/ui/kit/PutAway'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { When } from '../../shared/history/When'
import { takeBackStroke } from '../../shared/history/actions'
import { backUpNow, restore } from './actions'
import { type LoadedSafe } from './load'
import { TakeIn } from './TakeIn'

const WHY_WORDS = {
  nightly: 'nightly',
  asked: 'by you',
  'before-update': 'before an update of the program',
  'before-restoring': 'before another was restored',
} as const

/** Backups, the notebook out and in, and the bin. */
export function SafePage({ backups, home, pieces, records, bin, binDays }: LoadedSafe) {
  return (
    <Page>
      <div>
        <h1>Backup and data</h1>
        <Soft>
          {countNoun(pieces, 'fabric')} with everything we found out, in {home}.
        </Soft>
      </div>
      <Backups backups={backups} today={{ pieces, records }} />
      <Tiles>
        <Paper aria-labelledby="out">
          <h2 id="out">Export</h2>
          <p>The whole notebook in open formats, to keep elsewhere or to open in other programs.</p>
          <Actions>
            <FileLink href="/api/v1/export?format=zip">With photos and tables (ZIP)</FileLink>
            <FileLink href="/api/v1/export">As one document (JSON)</FileLink>
          </Actions>
        </Paper>
        <TakeIn />
      </Tiles>
      <Bin bin={bin} binDays={binDays} />
    </Page>
  )
}

/** Asks until the backup is made: no single answer takes long. */
async function untilMade() {
  for (;;) {
    const outcome = await backUpNow()
    if (!outcome.ok || !outcome.isGoing) return outcome
  }
}

const amount = ({ pieces, records }: { pieces: number; records: number }) =>
  `${countNoun(pieces, 'fabric')}, ${countNoun(records, 'record')} in total`

interface BackupsProps extends Pick<LoadedSafe, 'backups'> {
  today: Pick<LoadedSafe, 'pieces' | 'records'>
}

function Backups({ backups, today }: BackupsProps) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Paper aria-labelledby="backups">
      <h2 id="backups">Backups</h2>
      <Soft>
        We make one after each day with changes, before an update, and whenever you ask; we open each to check that it
        works. Copy the folder <b>backups</b> to another disk now and then: a backup on the same disk is lost with it.
      </Soft>
      <Actions>
        <StrongButton isDisabled={busy} onPress={() => doing(untilMade)}>
          {busy ? 'Making one…' : 'Make a backup now'}
        </StrongButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
      {backups.length === 0 ? <p>No backups yet.</p> : null}
      <PlainList aria-label="Backups">
        {backups.map(({ name, at, why, bytes, counted: has }) => (
          <li key={name}>
            <p>
              <When at={at} />, {WHY_WORDS[why]}: {has ? amount(has) : 'can’t be read'}{' '}
              <small>({Math.max(0.1, bytes / 1e6).toFixed(1)} MB)</small>
            </p>
            {has ? (
              <PutAway
                offer="Restore"
                question={`Restore the notebook from this backup: ${amount(has)}?`}
                afterwards={`Now you have ${amount(today)}; we back that up first.`}
                decide="Restore"
                onDecided={() => restore(name)}
              />
            ) : null}
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}

function Bin({ bin, binDays }: Pick<LoadedSafe, 'bin' | 'binDays'>) {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Paper aria-labelledby="bin">
      <h2 id="bin">Bin</h2>
      <Soft>Deleted records stay here for {binDays} days.</Soft>
      {bin.length === 0 ? <p>The bin is empty.</p> : null}
      <PlainList aria-label="Bin">
        {bin.map(({ stroke, title, what, at, others }) => (
          <li key={stroke}>
            <Actions>
              <span>
                <b>{title}</b>, {what}
                {others > 0 ? ` and ${others} more with it` : ''}; deleted <When at={at} />
              </span>
              <Button
                isDisabled={busy}
                aria-label={`Restore ${title} from the bin`}
                onPress={() => doing(() => takeBackStroke(stroke))}
              >
                Restore
              </Button>
            </Actions>
          </li>
        ))}
      </PlainList>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}
