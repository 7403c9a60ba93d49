'use client'

/** The shell itself failed; without it there are no styles. */
export default function GlobalError({ reset }: { error: Error; reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <h1>Velvet Step could not be shown</h1>
        <p>The server did not answer as it should. What was typed and saved is kept.</p>
        <button type="button" onClick={reset}>
          Try again
        </button>
      </body>
    </html>
  )
}
