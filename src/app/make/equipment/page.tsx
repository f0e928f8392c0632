import type { Metadata } from 'next'
import { SEW_SCHOOLS } from '@/core/sew/schools'
import { WASH_SCHOOLS } from '@/core/prepare/washing'
import { calendarTold } from '@/features/make/workroom/calendarTold'
import { WorkroomPage } from '@/features/make/workroom/WorkroomPage'
import { notebook } from '@/server/database'
import { readWorkroom } from '@/server/records/workroom'

export const metadata: Metadata = { title: 'My equipment and time' }

export default async function MyWorkroomPage() {
  const { calendar, machine, household, hours, schools: picked } = (await readWorkroom(await notebook())).workroom
  const said = { machine, household, hours, schools: picked }
  const schools = [...Object.entries(SEW_SCHOOLS), ...Object.entries(WASH_SCHOOLS)].map(([id, { words, sides }]) => ({
    id,
    words,
    sides: sides as readonly string[],
  }))
  return <WorkroomPage workroom={said} calendar={calendarTold(calendar)} schools={schools} />
}
