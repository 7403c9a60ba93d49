import Link from 'next/link'
import type { MassUnit } from '@/core/vocabulary'
import { Cover } from './Cover'
import { MassProvider } from './mass'
import { NavLink } from './NavLink'
import { Preferences } from './Preferences'

const WAY = [
  { href: '/', name: 'Today' },
  { href: '/people', name: 'People' },
  { href: '/movements', name: 'Movements' },
  { href: '/log', name: 'Log' },
  { href: '/why', name: 'Why' },
  { href: '/settings', name: 'Settings' },
] as const

/** @param coverMinutes without a hand after which the desk is covered; 0 = only by hand */
export function Shell({ coverMinutes, masses, children }: { coverMinutes: number; masses: MassUnit; children: React.ReactNode }) {
  return (
    <>
      <a href="#content" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3">
        To the content
      </a>
      <header className="mx-auto flex max-w-[1360px] flex-wrap items-center gap-x-8 px-5 pt-3 print:hidden sm:gap-y-1">
        <Link href="/" className="flex items-center gap-2 font-serif text-[1.2rem] no-underline">
          <svg width="30" height="22" viewBox="0 0 30 22" aria-hidden="true">
            <path d="M1 20H9V12H19V4H29" fill="none" stroke="var(--plum)" strokeWidth="3" />
          </svg>
          Velvet Step
        </Link>
        <nav
          aria-label="Main"
          className="order-last flex basis-full flex-wrap justify-between gap-x-2 text-[0.9rem] sm:order-none sm:justify-start sm:basis-auto sm:gap-x-6 sm:text-[1em]"
        >
          {WAY.map((stop) => (
            <NavLink key={stop.href} {...stop} />
          ))}
        </nav>
        <div className="ml-auto flex gap-1">
          <Cover minutes={coverMinutes} />
          <Preferences />
        </div>
      </header>
      <main id="content" className="mx-auto max-w-[1360px] px-5 pb-14 pt-5">
        <MassProvider value={masses}>{children}</MassProvider>
      </main>
    </>
  )
}
