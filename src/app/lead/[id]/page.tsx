import { getSession } from '@/server/repositories/sessions'
import { LeadScreen } from '@/ui/lead/LeadScreen'
import { named } from '../../named'
import { leadPack } from './leadPack'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Lead' }

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, found: session } = await named(params, getSession)
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper text-ink [--fig-gap:var(--paper)]">
      <LeadScreen pack={await leadPack(db, studio, session)} />
    </main>
  )
}
