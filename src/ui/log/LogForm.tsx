'use client'
import { EXERTION_WORDS } from '@/core/effort'
import { CLASS_CHIPS, LOG_MARKS, type LogRow, wasThere } from '@/core/lead'
import { PersonChip } from '../people/PersonChip'
import { Chip } from '../shell/Chip'
import { Eleven } from '../shell/Eleven'
import { SaveBar } from '../shell/SaveBar'
import { type LogItem, LogItems } from './LogItems'
import { CHIP_WORDS, MARK_WORDS, PACE_WORDS } from './logWords'
import { type Log, type LogStart, type Rating, useLog } from './useLog'

const RATINGS: { key: Rating; label: string; letter: string }[] = [
  { key: 'exertion', label: 'How hard it was', letter: 'E' },
  { key: 'painDuring', label: 'Pain in class', letter: 'P' },
  { key: 'painNextDay', label: 'Pain the day after', letter: 'D' },
]

/** What is known of somebody so far, in a few letters that the strips above explain. */
const shortOf = (row: LogRow): string =>
  [
    ...RATINGS.flatMap(({ key, letter }) => (row[key] === null ? [] : [`${letter}${row[key]}`])),
    ...(row.marks.length > 0 ? [row.marks.map((mark) => MARK_WORDS[mark]).join(', ')] : []),
  ].join(' ')

/** Who was there: from the door, or in one tap. */
function Presences({ people, log }: { people: LogStart['people']; log: Log }) {
  const unsaid = log.rows.filter(({ presence }) => presence === null)
  return (
    <section aria-label="Who was there">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2>Who was there</h2>
        {unsaid.length > 0 && (
          <button type="button" className="quiet min-h-11" onClick={log.allHere}>
            {unsaid.length === log.rows.length ? 'Everybody was' : `The other ${unsaid.length} were too`}
          </button>
        )}
      </div>
      <ul className="mt-2 flex flex-wrap gap-2">
        {log.rows.map(({ clientId, presence }) => {
          const name = people.find(({ id }) => id === clientId)?.name ?? ''
          return (
            <li key={clientId}>
              <PersonChip
                id={clientId}
                name={name}
                on={wasThere(presence)}
                className={presence === 'absent' ? 'text-soft line-through' : ''}
                onToggle={(here) => log.setPresence(clientId, here ? 'present' : 'absent')}
              >
                {presence === 'late' && ' (late)'}
                {presence === null && ' ?'}
              </PersonChip>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** How it was: for everybody with one tap, and for whom it was otherwise with two. */
function Ratings({ people, log }: { people: LogStart['people']; log: Log }) {
  const whom =
    log.chosen.length === 0
      ? 'everybody'
      : people
          .filter(({ id }) => log.chosen.includes(id))
          .map(({ name }) => name)
          .join(', ')
  return (
    <section aria-label="How it was">
      <h2>How it was</h2>
      <p className="text-soft" role="status">
        For {whom}. Tap names first where it was otherwise.
      </p>
      <ul className="mt-2 flex flex-wrap gap-2">
        {log.here.map((row) => {
          const name = people.find(({ id }) => id === row.clientId)?.name ?? ''
          return (
            <li key={row.clientId}>
              <PersonChip id={row.clientId} name={name} on={log.chosen.includes(row.clientId)} onToggle={() => log.choose(row.clientId)}>
                {' '}
                <span className="text-[0.95rem] text-soft">{shortOf(row)}</span>
              </PersonChip>
            </li>
          )
        })}
      </ul>
      <div className="mt-3 flex flex-col gap-2">
        {RATINGS.map(({ key, label, letter }) => (
          <fieldset key={key}>
            <legend>
              {label}{' '}
              <span className="text-soft">
                ({letter}){key === 'exertion' && ': 2 easy, 3 moderate, 4 somewhat hard, 5 hard, 7 very hard, 10 maximal'}
              </span>
            </legend>
            <Eleven
              label={label}
              onScore={(value) => log.rate(key, value)}
              {...(key === 'exertion' && { wordsOf: (score: number) => EXERTION_WORDS[score] ?? '' })}
            />
          </fieldset>
        ))}
        <div className="flex flex-wrap gap-2">
          {LOG_MARKS.map((mark) => (
            <button key={mark} type="button" className="chip" disabled={log.chosen.length === 0} onClick={() => log.mark(mark)}>
              {MARK_WORDS[mark]}
            </button>
          ))}
          {log.chosen.length === 1 && (
            <input
              className="input min-h-11 min-w-56 flex-1"
              aria-label={`Note on ${whom}`}
              placeholder={`a word on ${whom}`}
              maxLength={500}
              value={log.rows.find(({ clientId }) => clientId === log.chosen[0])?.note ?? ''}
              onChange={({ target }) => log.setWords(log.chosen[0]!, target.value)}
            />
          )}
        </div>
      </div>
    </section>
  )
}

/** The class as a whole, in taps and a few words. */
function ClassChips({ items, log }: { items: readonly LogItem[]; log: Log }) {
  const { notes, setNotes } = log
  return (
    <section aria-label="The class" className="flex flex-col gap-3">
      <h2>The class</h2>
      <div className="flex flex-wrap gap-2">
        {(['quicker', 'usual', 'slower'] as const).map((pace) => (
          <Chip key={pace} on={notes.pace === pace} onToggle={(on) => setNotes({ pace: on ? pace : null })}>
            {PACE_WORDS[pace]}
          </Chip>
        ))}
        {CLASS_CHIPS.map((chip) => (
          <Chip
            key={chip}
            on={notes.chips.includes(chip)}
            onToggle={(on) => setNotes({ chips: on ? [...notes.chips, chip] : notes.chips.filter((one) => one !== chip) })}
          >
            {CHIP_WORDS[chip]}
          </Chip>
        ))}
      </div>
      <fieldset>
        <legend>What was hardest</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {items
            .filter(({ skipped }) => !skipped)
            .map(({ item, movement }) => (
              <Chip key={item} on={notes.hardest === item} onToggle={(on) => setNotes({ hardest: on ? item : null })}>
                {movement}
              </Chip>
            ))}
        </div>
      </fieldset>
      <label className="field">
        <span>What to change next time</span>
        <textarea className="input min-h-20" maxLength={2000} value={log.note} onChange={({ target }) => log.setNote(target.value)} />
      </label>
    </section>
  )
}

/** The log: opened with what the taps of the class say already, so that only what was otherwise is tapped. */
export function LogForm({ items, ...start }: LogStart & { items: LogItem[] }) {
  const log = useLog(start)
  const { people } = start
  return (
    <div className="flex flex-col gap-7">
      <Presences people={people} log={log} />
      <Ratings people={people} log={log} />
      <section aria-label="What everybody did">
        <h2>What everybody did</h2>
        <p className="text-soft">As it was led. Open a movement where somebody did it otherwise.</p>
        <LogItems items={items} people={people} log={log} />
      </section>
      <ClassChips items={items} log={log} />
      {log.newer !== undefined && (
        <div role="alert" className="flex flex-wrap items-center gap-3 border-l-4 border-effort pl-3">
          <p>Another window saved this log. What you entered is still here.</p>
          <button type="button" className="action" disabled={log.saving} onClick={() => log.save(log.newer)}>
            Save mine over it
          </button>
          <button type="button" className="quiet" onClick={() => window.location.reload()}>
            Show the other
          </button>
        </div>
      )}
      <SaveBar label="Save the log" saving={log.saving} onSave={() => log.save()} message={log.message} />
    </div>
  )
}
