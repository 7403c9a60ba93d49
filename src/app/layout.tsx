import type { Metadata, Viewport } from 'next'
import { cookies } from 'next/headers'
import { Outbox } from '@/ui/lead/Outbox'
import './globals.css'

export const metadata: Metadata = {
  title: { default: 'Velvet Step', template: '%s · Velvet Step' },
  description: 'Classes that fit everybody in the room.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function RootLayout({ children }: { children: React.ReactNode }) {
  const jar = await cookies()
  return (
    <html
      lang="en"
      data-theme={jar.get('velvet-theme')?.value === 'dark' ? 'dark' : 'light'}
      data-text={jar.get('velvet-text')?.value === 'large' ? 'large' : 'normal'}
      suppressHydrationWarning
    >
      <body>
        {children}
        <Outbox />
      </body>
    </html>
  )
}
