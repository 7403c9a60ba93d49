import type { RoomKit } from '@/core/vocabulary'

/** What a class can be begun from, as the page lists it. */
export interface Beginning {
  id: string
  title: string
  forWhom: string
  minutes: number
  kit: RoomKit[]
  /** for one person, at home */
  visit: boolean
}

/** What was chosen of it. */
export type From =
  | { kind: 'empty' }
  | { kind: 'template'; key: string }
  | { kind: 'class'; id: string }
  | { kind: 'file'; text: string; name: string }

interface Props {
  from: From
  templates: readonly Beginning[]
  classes: readonly Beginning[]
  onBegin: (from: From, like?: Partial<Pick<Beginning, 'minutes' | 'kit'>>) => void
}

/** From what a class is begun: a template, a class of one's own, a file, or nothing. */
export function BeginWith({ from, templates, classes, onBegin }: Props) {
  const choice = (chosen: boolean, words: string, hint: string, onChoose: () => void) => (
    <label key={words} className={`flex min-h-11 items-center gap-3 border-l-4 py-1 pl-3 ${chosen ? 'border-plum bg-plum-wash' : 'border-line'}`}>
      <input type="radio" name="from" className="size-5 shrink-0 accent-plum" checked={chosen} onChange={onChoose} />
      <span>
        <b>{words}</b> <span className="text-soft">{hint}</span>
      </span>
    </label>
  )
  return (
    <fieldset>
      <legend className="mb-2 font-serif text-[1.35rem]">Begin with</legend>
      <div className="flex flex-col gap-1">
        {templates.map((one) =>
          choice(from.kind === 'template' && from.key === one.id, one.title, `for ${one.forWhom}, ${one.minutes} min`, () =>
            onBegin({ kind: 'template', key: one.id }, one),
          ),
        )}
        {choice(from.kind === 'empty', 'Three empty parts', 'to fill yourself', () => onBegin({ kind: 'empty' }))}
        {classes[0] && (
          <>
            {choice(from.kind === 'class', 'A class of yours', 'as a copy, without its people', () =>
              onBegin({ kind: 'class', id: classes[0]!.id }, classes[0]),
            )}
            {from.kind === 'class' && (
              <select
                className="input ml-8"
                aria-label="Which class"
                value={from.id}
                onChange={({ target }) =>
                  onBegin(
                    { kind: 'class', id: target.value },
                    classes.find(({ id }) => id === target.value),
                  )
                }
              >
                {classes.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.title}
                  </option>
                ))}
              </select>
            )}
          </>
        )}
        <label
          className={`flex min-h-11 flex-wrap items-center gap-3 border-l-4 py-1 pl-3 ${from.kind === 'file' ? 'border-plum bg-plum-wash' : 'border-line'}`}
        >
          <span className="quiet cursor-pointer">A class file</span>
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={async ({ target }) => {
              const file = target.files?.[0]
              if (file) onBegin({ kind: 'file', text: await file.text(), name: file.name })
            }}
          />
          <span className="text-soft">{from.kind === 'file' ? from.name : 'as it was saved, on this device or another'}</span>
        </label>
      </div>
    </fieldset>
  )
}
