import { OfflineLead } from '@/ui/lead/OfflineLead'

export const metadata = { title: 'Lead' }

/** The lead screen without a server: the service worker gives it for a session's address, and the browser has the session's data. */
export default function ShellPage() {
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper text-ink [--fig-gap:var(--paper)]">
      <OfflineLead />
    </main>
  )
}
