import type { Metadata } from 'next'
import { Devices } from '@/features/auth/Devices'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { SettingsForm } from '@/features/shared/settings/SettingsForm'
import { allSessions } from '@/server/auth/sessions'
import { isShared } from '@/server/auth/shared'
import { SampleOffer } from '@/features/shared/sample/SampleOffer'
import { Page, Paper, Soft } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'Settings' }

export default async function SettingsPage() {
  return (
    <Page>
      <h1>Settings</h1>
      <Soft>Your choices are saved in this browser at once.</Soft>
      <SettingsForm initial={await readPreferences()} />
      <Paper aria-labelledby="sample">
        <h2 id="sample">Sample notebook</h2>
        <SampleOffer />
      </Paper>
      {isShared() ? <Devices devices={allSessions()} /> : null}
    </Page>
  )
}
