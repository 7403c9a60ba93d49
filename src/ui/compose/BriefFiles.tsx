'use client'
import { useState } from 'react'
import { briefFileSchema, type ClassBrief } from '@/core/compose'
import { parseFile } from '@/core/formats/files'
import { problemsText } from '@/core/formats/problems'

interface Props {
  brief: ClassBrief
  movements: readonly { id: string }[]
  onOpen: (brief: ClassBrief) => void
}

/** A brief out to a file, and in from one: what of it is wrong is said with its place, and then nothing of it is taken. */
export function BriefFiles({ brief, movements, onOpen }: Props) {
  const [message, setMessage] = useState('')
  const text = `${JSON.stringify({ format: 'velvet-step/brief', ...brief }, null, 2)}\n`
  const open = async (file: File | undefined) => {
    if (!file) return
    const parsed = parseFile(briefFileSchema, await file.text())
    if ('problems' in parsed) return setMessage(`${file.name} is not taken: ${problemsText(parsed.problems)}`)
    const { format: _format, ...read } = parsed.file
    const known = new Set(movements.map(({ id }) => id))
    const strange = read.pinned.find((movement) => !known.has(movement))
    if (strange !== undefined) return setMessage(`${file.name} is not taken: $.pinned: the library has no movement "${strange}"`)
    setMessage('')
    onOpen(read)
  }
  return (
    <div className="flex flex-col gap-2 border-t border-line pt-3">
      <a
        className="quiet self-start"
        href={`data:application/json;charset=utf-8,${encodeURIComponent(text)}`}
        download={`${brief.title}, brief.json`}
      >
        Save as a brief file
      </a>
      <label className="field">
        <span>Open a brief file</span>
        <input
          type="file"
          accept=".json,application/json"
          onChange={({ target }) => {
            void open(target.files?.[0])
            // the same file again is news too
            target.value = ''
          }}
        />
      </label>
      <p role="alert" className="wrong empty:hidden">
        {message}
      </p>
    </div>
  )
}
