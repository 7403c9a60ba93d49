import type { ReactNode } from 'react'

interface Props {
  on: boolean
  onToggle: (on: boolean) => void
  className?: string
  'aria-label'?: string
  children: ReactNode
}

/** Something that is so or is not, in one tap. */
export function Chip({ on, onToggle, className = '', children, ...about }: Props) {
  return (
    <button type="button" aria-pressed={on} className={`chip ${on ? 'chip-on' : ''} ${className}`} onClick={() => onToggle(!on)} {...about}>
      {children}
    </button>
  )
}
