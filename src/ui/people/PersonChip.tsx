import type { ReactNode } from 'react'
import { Chip } from '../shell/Chip'
import { PersonBadge } from './PersonBadge'

interface Props {
  id: string
  name: string
  on: boolean
  onToggle: (on: boolean) => void
  className?: string
  /** what is said behind the name */
  children?: ReactNode
}

/** Somebody to be chosen in one tap. */
export function PersonChip({ id, name, className = '', children, ...chip }: Props) {
  return (
    <Chip className={`gap-2 ${className}`} {...chip}>
      <PersonBadge id={id} name={name} size={26} />
      {name}
      {children}
    </Chip>
  )
}
