interface Props {
  label: string
  saving: boolean
  /** left out = the form is submitted */
  onSave?: () => void
  /** how the saving went, or what is still open */
  message: string
  wrong?: boolean
  /** another way to keep it */
  children?: React.ReactNode
}

/** Stays at the lower edge of a long form: what keeps it, and how that went. */
export function SaveBar({ label, saving, onSave, message, wrong = false, children }: Props) {
  return (
    <div className="sticky bottom-0 flex flex-wrap items-center gap-4 bg-paper py-3">
      <button type={onSave ? 'button' : 'submit'} className="action min-h-12" disabled={saving} onClick={onSave}>
        {label}
      </button>
      {children}
      <span role="status" className={wrong ? 'wrong' : 'text-soft'}>
        {message}
      </span>
    </div>
  )
}
