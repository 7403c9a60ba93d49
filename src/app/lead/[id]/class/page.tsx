import { getSession } from '@/server/repositories/sessions'
import { ClassView } from '@/ui/lead/ClassView'
import { packForRoom } from '@/ui/lead/pack'
import { named } from '../../../named'
import { leadPack } from '../leadPack'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Class view' }

/** For a projector, or a second window: figures and counts, and nothing about any person. */
export default async function ClassPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, found: session } = await named(params, getSession)
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper text-ink [--fig-gap:var(--paper)]">
      <ClassView pack={packForRoom(await leadPack(db, studio, session))} />
    </main>
  )
}
