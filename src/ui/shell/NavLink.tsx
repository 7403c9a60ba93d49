'use client'
import Link from 'next/link'
import { usePathname } from 'next/navigation'

export function NavLink({ href, name }: { href: string; name: string }) {
  const path = usePathname()
  const here = href === '/' ? path === '/' || path.startsWith('/classes') || path.startsWith('/sessions') : path.startsWith(href)
  return (
    <Link
      href={href}
      aria-current={here ? 'page' : undefined}
      className={`flex min-h-11 items-center border-b-[3px] no-underline ${here ? 'border-plum font-semibold' : 'border-transparent text-soft hover:border-line'}`}
    >
      {name}
    </Link>
  )
}
