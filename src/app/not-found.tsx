import Link from 'next/link'

export const metadata = { title: 'Not found' }

export default function NotFound() {
  return (
    <main className="mx-auto max-w-prose p-6">
      <h1>There is nothing at this address</h1>
      <p className="mt-3">
        It may have been erased, or the address is not whole. <Link href="/">Go to the day sheet.</Link>
      </p>
    </main>
  )
}
