import Link from 'next/link'

/** From one page of a long list to the others. */
export function Pages({ total, page, size, address }: { total: number; page: number; size: number; address: (page: number) => string }) {
  const last = Math.max(1, Math.ceil(total / size))
  if (last === 1 && page === 1) return null
  const step = (to: number, words: string) =>
    to >= 1 && to <= last ? (
      <Link href={address(to)} className="quiet">
        {words}
      </Link>
    ) : null
  return (
    <nav aria-label="Pages of the list" className="mt-4 flex flex-wrap items-center gap-4">
      {step(Math.min(page - 1, last), 'Newer')}
      <p className="text-soft">
        {page > last ? 'There is nothing this far back' : `${(page - 1) * size + 1} to ${Math.min(page * size, total)}`} of {total}
      </p>
      {step(page + 1, 'Older')}
    </nav>
  )
}
