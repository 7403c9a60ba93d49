/** A box to tick, with its words beside it. */
export function Check({ checked, onChange, children }: { checked: boolean; onChange: (ticked: boolean) => void; children: React.ReactNode }) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" className="size-5 shrink-0 accent-plum" checked={checked} onChange={(event) => onChange(event.target.checked)} />
      {children}
    </label>
  )
}
