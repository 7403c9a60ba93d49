import { Shell } from '@/ui/shell/Shell'

// every page reads the database
export const dynamic = 'force-dynamic'

export default function DeskLayout({ children }: { children: React.ReactNode }) {
  return <Shell>{children}</Shell>
}
