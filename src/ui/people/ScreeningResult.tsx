'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { ScreenStand } from '@/core/client'
import { confirmProposals, settleAnswer } from '@/server/actions/screening'
import { type Away, answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'

export const STAND_WORDS: Record<ScreenStand, string> = {
  never: 'Health questions not answered, or out of date',
  go: 'May take part',
  limits: 'May take part, with limits until the answers are gone through',
  'clearance-first': 'A written word from a clinician first',
  'not-today': 'Not today',
  emergency: 'Emergency: call your local emergency number, follow the plan of the house',
}

/** One answer that leads somewhere, in words. */
export interface FindingView {
  question: string
  key: string
  ask: string
  say: string
  outcome: Exclude<ScreenStand, 'never'>
  /** it still binds */
  open: boolean
  /** names of the conditions it proposes */
  proposes: string[]
  /** what has been done about it */
  done: string
  /** it waits for a clinician's word */
  needsWord: boolean
}
export interface ProposalView {
  slug: string
  name: string
  /** what it carries, in words */
  carries: string[]
  /** where answers differ: both, the stricter one goes into the record */
  differing: string[]
  inRecord: boolean
}

interface Props {
  clientId: string
  revision: number
  screening: { id: string; confirmed: boolean; readable: boolean }
  dayWords: string
  stand: ScreenStand
  findings: FindingView[]
  proposals: ProposalView[]
  leftOut: string[]
  words: string[]
}

const OUTCOME_WORDS: Record<FindingView['outcome'], string> = {
  go: 'for the record',
  limits: 'attend with limits',
  'clearance-first': 'a letter first',
  'not-today': 'not today',
  emergency: 'emergency',
}

/** What the answers come to. It binds at once; what it proposes goes into the record when the leader confirms. */
export function ScreeningResult({ clientId, revision, screening, dayWords, stand, findings, proposals, leftOut, words }: Props) {
  const router = useRouter()
  const [chosen, setChosen] = useState(() => new Set(proposals.map(({ slug }) => slug)))
  const unspoken = findings.filter(({ open, proposes, outcome }) => open && proposes.length === 0 && outcome === 'limits')
  const [spoken, setSpoken] = useState<ReadonlySet<string>>(new Set())
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const toggled = (set: ReadonlySet<string>, one: string) =>
    set.has(one) ? new Set([...set].filter((other) => other !== one)) : new Set([...set, one])
  const said = (outcome: Awaited<ReturnType<typeof confirmProposals>> | Awaited<ReturnType<typeof settleAnswer>> | Away, done: string) => {
    if (outcome.ok) {
      setMessage(done)
      router.refresh()
    } else setMessage(refusalWords(outcome, 'The record was changed meanwhile; reload and look again. Nothing was saved.'))
  }
  const confirm = () =>
    start(async () =>
      said(await answered(confirmProposals({ id: screening.id, revision, slugs: [...chosen], spoken: [...spoken] })), 'In the record now'),
    )
  return (
    <div className="flex flex-col gap-6">
      <div>
        <p className="text-soft">Answers of {dayWords}</p>
        <p className="font-serif text-[1.6rem] text-plum">{STAND_WORDS[stand]}</p>
        {!screening.readable && <p>This form is of an earlier kind and no longer read. Please ask the questions again.</p>}
        {leftOut.length > 0 && (
          <p className="text-soft">Left out: {leftOut.length === 1 ? 'one question' : `${leftOut.length} questions`}, read on the careful side.</p>
        )}
        {words.map((line) => (
          <p key={line} className="border-l-4 border-plum pl-3">
            “{line}”
          </p>
        ))}
      </div>
      {findings.length > 0 && (
        <ol className="flex flex-col">
          {findings.map((finding) => (
            <li key={`${finding.question} ${finding.key}`} className="border-t border-line py-2">
              <p>
                <b>{finding.say}</b>{' '}
                <span className={finding.open ? 'text-effort' : 'text-soft'}>{finding.open ? OUTCOME_WORDS[finding.outcome] : 'dealt with'}</span>
              </p>
              <p className="text-[0.94rem] text-soft">
                {finding.ask}
                {finding.done && ` ${finding.done}`}
              </p>
              {finding.open && finding.needsWord && (
                <SettleForm
                  onSettle={(by) =>
                    start(async () =>
                      said(
                        await answered(settleAnswer({ clientId, revision, question: finding.question, key: finding.key, by })),
                        'Noted with today’s date',
                      ),
                    )
                  }
                />
              )}
            </li>
          ))}
        </ol>
      )}
      {screening.readable && (proposals.length > 0 || unspoken.length > 0 || !screening.confirmed) && (
        <section className="border-l-4 border-plum pl-4">
          <h2>For the record</h2>
          {proposals.map(({ slug, name, carries, differing, inRecord }) => (
            <div key={slug}>
              <Check checked={chosen.has(slug)} onChange={() => setChosen(toggled(chosen, slug))}>
                <span>
                  {name}
                  {carries.length > 0 && <span className="text-soft">: {carries.join('; ')}</span>}
                  {inRecord && <span className="text-soft"> (in the record; joined with it)</span>}
                </span>
              </Check>
              {differing.map((line) => (
                <p key={line} className="ml-8 text-[0.94rem] text-effort">
                  {line}
                </p>
              ))}
            </div>
          ))}
          {unspoken.map((finding) => {
            const id = `${finding.question} ${finding.key}`
            return (
              <Check key={id} checked={spoken.has(id)} onChange={() => setSpoken(toggled(spoken, id))}>
                gone through together: {finding.say}
              </Check>
            )
          })}
          {proposals.length === 0 && unspoken.length === 0 && <p>No condition was named.</p>}
          <button type="button" className="action mt-2" disabled={saving} onClick={confirm}>
            Confirm into the record
          </button>
        </section>
      )}
      <p role="status" className="text-soft">
        {message}
      </p>
      <p className="flex flex-wrap gap-4">
        <Link href={`/people/${clientId}`} className="quiet">
          To the record
        </Link>
        <Link href={`/people/${clientId}/screening?form`} className="quiet">
          Ask again
        </Link>
      </p>
      <p className="text-[0.94rem] text-soft">
        Velvet Step clears nobody. It asks, it limits, it explains; a person’s own clinician and local rules come first.
      </p>
    </div>
  )
}

/** A clinician's word about one answer, with who gave it. */
function SettleForm({ onSettle }: { onSettle: (by: string) => void }) {
  const [by, setBy] = useState('')
  return (
    <div className="mt-1 flex flex-wrap items-end gap-3">
      <label className="field w-64">
        <span>A written word is on file, from</span>
        <input className="input" value={by} maxLength={120} onChange={(event) => setBy(event.target.value)} />
      </label>
      <button type="button" className="quiet" disabled={by.trim().length < 2} onClick={() => onSettle(by)}>
        Note it
      </button>
    </div>
  )
}
