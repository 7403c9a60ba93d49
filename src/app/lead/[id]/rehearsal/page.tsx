import { getSession } from '@/server/repositories/sessions'
import { LeadScreen } from '@/ui/lead/LeadScreen'
import { named } from '../../../named'
import { leadPack } from '../leadPack'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Rehearsal' }

/** The class tried out, fast; nothing is kept of it. */
export default async function RehearsalPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, found: session } = await named(params, getSession)
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper text-ink [--fig-gap:var(--paper)]">
      <LeadScreen pack={await leadPack(db, studio, session)} rehearsal />
    </main>
  )
}
