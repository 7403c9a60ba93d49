export default function Loading() {
  return (
    <p className="text-soft" role="status">
      Opening…
    </p>
  )
}
