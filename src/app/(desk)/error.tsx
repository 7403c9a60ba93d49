'use client'

/** Something failed on one page; the others go on. */
export default function PageError({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <section className="max-w-prose">
      <h1>This page could not be shown</h1>
      <p className="mt-3">
        Nothing was changed. It may be that the database did not answer, or that something kept there cannot be read. Try again; if it stays, run{' '}
        <code>npm run check-data</code>, which says what is unsound.
      </p>
      {error.digest && <p className="mt-2 text-soft">Mark in the server’s log: {error.digest}</p>}
      <p className="mt-4">
        <button type="button" className="action" onClick={reset}>
          Try again
        </button>
      </p>
    </section>
  )
}
