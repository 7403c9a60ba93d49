/** Only over the lists: over a page of one thing it would answer 200 before it is known whether the thing is there. */
export default function Loading() {
  return (
    <p className="text-soft" role="status">
      Opening…
    </p>
  )
}
