import Link from 'next/link'
import { PrintButton } from './PrintButton'

interface Props {
  classId: string
  title: string
  /** what else can be done here, before the way back */
  actions?: React.ReactNode
  /** it is a page to print */
  prints?: boolean
  /** what stands under the title */
  children?: React.ReactNode
}

/** Head of a page that belongs to a class: its title, what it is about, and the way back. */
export function ClassHead({ classId, title, actions, prints = false, children }: Props) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
        <h1>{title}</h1>
        {children}
      </div>
      <div className="flex flex-wrap gap-3 print:hidden">
        {actions}
        <Link href={`/classes/${classId}`} className="quiet">
          To the class
        </Link>
        {prints && <PrintButton />}
      </div>
    </div>
  )
}
