'use client'
import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useRef } from 'react'

/** A page laid over the right side: for what belongs to one thing on the screen behind it. Begins in its first field and gives the focus back. */
export function Sheet({
  open,
  onClose,
  title,
  wide = false,
  children,
}: {
  open: boolean
  onClose: () => void
  title: string
  wide?: boolean
  children: React.ReactNode
}) {
  const opener = useRef<Element>(null)
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            opener.current = document.activeElement
            const field = (event.currentTarget as HTMLElement).querySelector<HTMLElement>('input, select, textarea')
            if (!field) return
            event.preventDefault()
            field.focus()
          }}
          onCloseAutoFocus={(event) => {
            // back to where it was opened; what is gone by then leaves the focus to the page
            if (!(opener.current instanceof HTMLElement) || !opener.current.isConnected) return
            event.preventDefault()
            opener.current.focus()
          }}
          className={`fixed inset-y-0 right-0 z-40 w-full overflow-y-auto border-l-4 border-plum bg-sheet p-6 ${wide ? 'max-w-[1000px]' : 'max-w-[520px]'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-[1.5rem]">{title}</Dialog.Title>
            <Dialog.Close className="icon" aria-label="Close">
              <X size={22} aria-hidden="true" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
