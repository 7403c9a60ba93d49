import { here } from '@/server/studio'
import { Shell } from '@/ui/shell/Shell'

// every page reads the database
export const dynamic = 'force-dynamic'

export default async function DeskLayout({ children }: { children: React.ReactNode }) {
  const { studio } = await here()
  return (
    <Shell coverMinutes={studio.settings.coverMinutes} masses={studio.settings.houseRules.masses}>
      {children}
    </Shell>
  )
}
