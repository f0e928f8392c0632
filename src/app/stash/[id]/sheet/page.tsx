import { permanentRedirect } from 'next/navigation'
import { idFrom } from '@/app/idFrom'

/** The sheet stands on the page of the piece. */
export default async function SheetPage({ params }: { params: Promise<{ id: string }> }) {
  permanentRedirect(`/stash/${idFrom((await params).id)}`)
}
