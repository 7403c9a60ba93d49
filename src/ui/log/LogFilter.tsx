'use client'
import { useRouter } from 'next/navigation'

/** Narrows the log to one class. */
export function LogFilter({ classes, classId }: { classes: { id: string; title: string }[]; classId: string }) {
  const router = useRouter()
  return (
    <label className="field w-72">
      <span>Class</span>
      <select className="input" value={classId} onChange={(event) => router.push(event.target.value ? `/log?class=${event.target.value}` : '/log')}>
        <option value="">every class</option>
        {classes.map(({ id, title }) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
      </select>
    </label>
  )
}
