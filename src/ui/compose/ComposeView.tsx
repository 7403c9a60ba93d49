'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Day } from '@/core/client'
import type { ClassBrief } from '@/core/compose'
import type { Rates } from '@/core/timing'
import { keepBrief } from '@/server/actions/classes'
import type { ProposalView, ProposedItem } from '@/workers/composerContract'
import type { StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { answered, refusalWords } from '../shell/answered'
import { dayWords } from '../shell/days'
import { list } from '../shell/list'
import { BriefFiles } from './BriefFiles'
import { BriefForm } from './BriefForm'
import { keepComposed } from './composed'
import { concessionWords, noWayWords, wishWords } from './composeWords'
import { ProposalCard } from './ProposalCard'
import { type Composing, useComposer } from './useComposer'

interface Props {
  id: string
  day: Day
  start: ClassBrief
  people: WorkerPerson[]
  /** the class whose people stand for those who will come, where it is another one */
  like: string | undefined
  others: { id: string; title: string }[]
  own: StoredOwn[]
  rates: Rates
  movements: { id: string; name: string }[]
}

function statusWords(composing: Composing, found: number): string {
  switch (composing.state) {
    case 'idle':
      return 'Everybody’s rules are read while you write; then a class takes a few seconds.'
    case 'looking':
      return composing.within === undefined
        ? `Looking for class ${composing.number + 1} of 3…`
        : `Class ${composing.number + 1} of 3: the best so far is within ${(composing.within * 100).toFixed(1)} %…`
    case 'done':
      return found === 1 ? 'One class; no other differs in half of its movements.' : `${found} classes that share at most half of their movements.`
    case 'stopped':
      return 'Stopped by you: what stands here is the best so far.'
    case 'impossible':
      return 'There is no such class.'
    case 'failed':
      return composing.message
  }
}

/** From a brief to classes side by side, of which one is taken. */
export function ComposeView({ id, day, start, people, like, others, own, rates, movements }: Props) {
  const router = useRouter()
  const [brief, setBrief] = useState(start)
  const [kept, setKept] = useState<ReadonlySet<string>>(new Set())
  const ask = (of: ClassBrief) => ({ brief: of, people, own, rates })
  const { composing, proposals, first, compose, stop, forget } = useComposer(ask(start))
  const nameOf = (movement: string) => movements.find((one) => one.id === movement)?.name ?? movement
  const [switching, startSwitch] = useTransition()
  const looking = composing.state === 'looking'
  const busy = looking || switching
  const shown = proposals.length > 0 ? proposals : first ? [first] : []
  const [notKept, setNotKept] = useState('')
  /** Composes for what is wished, and keeps the wishes with the class. */
  const composeWished = async () => {
    begin(brief)
    const outcome = await answered(keepBrief({ id, wishes: brief }))
    setNotKept(outcome.ok ? '' : `The brief is not kept: ${refusalWords(outcome)}`)
  }
  const begin = (of: ClassBrief) => {
    setBrief(of)
    compose(ask(of))
  }
  const take = ({ plan }: ProposalView) => {
    keepComposed(id, plan)
    router.push(`/classes/${id}`)
  }
  /** What was proposed was for other people. */
  const forPeople = (other: string) => {
    forget()
    startSwitch(() => router.replace(`/classes/${id}/compose?day=${day}${other && `&like=${other}`}`))
  }
  // what is kept is pinned; the others are counted as done lately, so that something else comes where it is as good
  const redo = () =>
    begin({
      ...brief,
      pinned: [...new Set([...brief.pinned, ...kept])],
      lately: [
        ...new Set([...brief.lately, ...shown.flatMap(({ parts }) => parts.flatMap(({ items }) => items.map(({ movementId }) => movementId)))]),
      ].filter((movement) => !kept.has(movement)),
    })
  const another = (proposal: ProposalView, item: ProposedItem) =>
    begin({
      ...brief,
      pinned: [...new Set(proposal.parts.flatMap(({ items }) => items.map(({ movementId }) => movementId)))].filter(
        (movement) => movement !== item.movementId,
      ),
      banned: [...new Set([...brief.banned, item.movementId])],
    })
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div className="min-w-0 flex-1 basis-80">
          <h1>Compose: {brief.title}</h1>
          <p className="text-soft">
            {people.length === 0 ? 'Nobody is on the roster yet' : people.length === 1 ? 'For one person' : `For ${people.length} people`}
            {like === undefined ? '' : ` like those of ${others.find((other) => other.id === like)?.title}`}, {dayWords(day)}. Everybody gets a
            version that their rules allow; look at it before you lead it.
          </p>
        </div>
        <Link className="quiet" href={`/classes/${id}`}>
          Back to the class
        </Link>
      </div>
      <div className="grid gap-6 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <div>
          <div className="sticky top-0 z-10 flex flex-wrap items-center gap-2 bg-paper py-2">
            <button type="button" className="action" disabled={busy} onClick={composeWished}>
              Compose
            </button>
            {looking && (
              <button type="button" className="quiet" onClick={stop}>
                Stop
              </button>
            )}
            {!busy && kept.size > 0 && shown.length > 0 && (
              <button type="button" className="quiet" onClick={redo}>
                Keep {kept.size}, redo the rest
              </button>
            )}
          </div>
          {notKept && <p className="wrong">{notKept}</p>}
          {others.length > 0 && (
            <label className="mb-3 block text-[0.94rem] text-soft">
              For whom
              <select className="input text-base text-ink" value={like ?? ''} disabled={busy} onChange={({ target }) => forPeople(target.value)}>
                <option value="">the people of this class</option>
                {others.map((other) => (
                  <option key={other.id} value={other.id}>
                    people like those of {other.title}
                  </option>
                ))}
              </select>
            </label>
          )}
          <BriefForm brief={brief} movements={movements} onChange={(change) => setBrief((now) => ({ ...now, ...change }))} />
          <BriefFiles brief={brief} movements={movements} onOpen={setBrief} />
        </div>
        <div className="min-w-0">
          <p role="status" className={composing.state === 'failed' || composing.state === 'impossible' ? 'wrong mb-2' : 'mb-2 text-soft'}>
            {statusWords(composing, proposals.length)}
          </p>
          {composing.state === 'impossible' && (
            <div className="border-l-4 border-effort pl-4">
              {composing.news.noWay.map(({ movement, because }) => (
                <p key={movement}>
                  “{composing.news.names[movement] ?? nameOf(movement)}”: {noWayWords(because)}.
                </p>
              ))}
              {composing.news.clash.length > 0 && (
                <>
                  <p>These cannot be kept together: {list(composing.news.clash.map(({ wish }) => wishWords(wish, nameOf)))}.</p>
                  <p>
                    The nearest class there is: {list(composing.news.clash.filter(({ by }) => by > 0).map((one) => concessionWords(one, nameOf)))}.
                  </p>
                </>
              )}
              {composing.news.clash.length + composing.news.noWay.length === 0 && (
                <p>Not even without wishes: too little is left that everybody may do here. Allow more places, kit or versions side by side.</p>
              )}
            </div>
          )}
          <div className="grid gap-5 md:grid-cols-2 xl:grid-cols-3">
            {shown.map((proposal, index) => (
              <ProposalCard
                key={index}
                title={proposal === first ? 'A first class' : `Class ${index + 1}`}
                proposal={proposal}
                minutes={brief.minutes}
                kept={kept}
                nameOf={nameOf}
                busy={busy}
                onTake={() => take(proposal)}
                onKeep={(movement, on) => setKept((now) => new Set(on ? [...now, movement] : [...now].filter((one) => one !== movement)))}
                onOther={(item) => another(proposal, item)}
              />
            ))}
          </div>
        </div>
      </div>
    </div>
  )
}
