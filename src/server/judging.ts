import 'server-only'
import { Worker } from 'node:worker_threads'
import type { Catalogue } from '@/core/movement'
import type { PersonFacts } from '@/core/safety'
import type { Reply } from '@/workers/answering'
import type { StoredOwn, WorkerPerson } from '@/workers/designerContract'
import type { JudgeQuestions, JudgeRequest, StandingNow } from '@/workers/judgeContract'

type Kind = keyof JudgeQuestions
interface Waiting {
  resolve: (answer: never) => void
  reject: (error: Error) => void
}

/** Where questions go. */
interface Judge {
  /** the movements of one's own that it was told last; undefined when it knows of none */
  shelf: readonly StoredOwn[] | undefined
  ask<K extends Kind>(kind: K, ask: JudgeQuestions[K]['ask']): Promise<JudgeQuestions[K]['answer']>
}

/** Scripts have nobody waiting, and judge where they stand. */
class JudgeHere implements Judge {
  shelf: Judge['shelf']
  private desk = import('@/workers/judgeDesk').then(({ JudgeDesk }) => new JudgeDesk())

  async ask<K extends Kind>(kind: K, ask: JudgeQuestions[K]['ask']): Promise<JudgeQuestions[K]['answer']> {
    const desk = await this.desk
    return desk.answer({ id: 0, kind, ask } as JudgeRequest) as JudgeQuestions[K]['answer']
  }
}

/** The thread that judges for the server. When it ends for whatever reason, who waits is told, and the next question starts another. */
class JudgeThread implements Judge {
  shelf: Judge['shelf']
  private worker: Worker | undefined
  private waiting = new Map<number, Waiting>()
  private next = 1

  private begin(): Worker {
    if (this.worker) return this.worker
    const worker = new Worker(new URL('../workers/judge.worker.ts', import.meta.url))
    worker.unref()
    worker.on('message', (reply: Reply) => {
      const asked = this.waiting.get(reply.id)
      this.waiting.delete(reply.id)
      // while somebody waits, the process does too
      if (this.waiting.size === 0) worker.unref()
      if ('fault' in reply) asked?.reject(new Error(reply.fault))
      else asked?.resolve(reply.answer as never)
    })
    const ended = (error: Error) => {
      if (this.worker !== worker) return
      this.worker = undefined
      this.shelf = undefined
      for (const asked of this.waiting.values()) asked.reject(error)
      this.waiting.clear()
    }
    worker.on('error', ended)
    worker.on('exit', () => ended(new Error('the judging thread stopped')))
    this.worker = worker
    return worker
  }

  ask<K extends Kind>(kind: K, ask: JudgeQuestions[K]['ask']): Promise<JudgeQuestions[K]['answer']> {
    const worker = this.begin()
    return new Promise((resolve, reject) => {
      const id = this.next++
      this.waiting.set(id, { resolve, reject })
      worker.ref()
      worker.postMessage({ id, kind, ask })
    })
  }
}

const holder = globalThis as unknown as {
  velvetJudge?: Judge
  velvetJudged?: Map<string, Remembered>
  velvetStandings?: WeakMap<PersonFacts, StandingNow>
}
// the bundler writes the worker's file only for the server
const judge = (): Judge => {
  holder.velvetJudge ??= process.env.NEXT_RUNTIME === 'nodejs' ? new JudgeThread() : new JudgeHere()
  return holder.velvetJudge
}

/** Starts the judge before anybody asks. */
export function warmJudge(): void {
  judge()
    .ask('standing', { facts: [] })
    .catch(() => {})
}

/** Questions are answered in the order in which they are asked, so the library goes first. */
function askOn<K extends Exclude<Kind, 'library'>>(own: readonly StoredOwn[], kind: K, ask: JudgeQuestions[K]['ask']) {
  const there = judge()
  if (there.shelf !== own) {
    there.shelf = own
    // should it fail, so does what is asked on it
    there.ask('library', { own: [...own] }).catch(() => {})
  }
  return there.ask(kind, ask)
}

interface Remembered {
  from: readonly unknown[]
  answer: Promise<unknown>
}
/** Answers that are kept, of as many classes and people as are looked at in a day. */
const MOST = 300

/** The answer that was given last in this place, when all it stands on is the same still; otherwise a new one. */
export function remembered<T>(place: string, from: readonly unknown[], make: () => Promise<T>): Promise<T> {
  holder.velvetJudged ??= new Map()
  const known = holder.velvetJudged
  const before = known.get(place)
  const same = before !== undefined && before.from.length === from.length && before.from.every((one, index) => one === from[index])
  const now: Remembered = same ? before : { from, answer: make() }
  known.delete(place)
  known.set(place, now)
  if (!same) now.answer.catch(() => known.get(place) === now && known.delete(place))
  const oldest = known.keys().next()
  if (known.size > MOST && !oldest.done) known.delete(oldest.value)
  return now.answer as Promise<T>
}

/** The library that a judgement stands on. */
export interface Shelf {
  catalogue: Catalogue
  own: readonly StoredOwn[]
}

const peopleKey = (people: readonly WorkerPerson[]) =>
  people.flatMap(({ id, name, ownHelper, upAndGoSec, sex, statureCm, facts }) => [id, name, ownHelper, upAndGoSec, sex, statureCm, facts])

/** What is asked of a class with its people; the same class, people and library are judged once. @param place id of class or session */
export const askClass = <K extends 'first' | 'sheet' | 'led' | 'cells'>(
  { own }: Shelf,
  kind: K,
  place: string,
  ask: JudgeQuestions[K]['ask'],
): Promise<JudgeQuestions[K]['answer']> => {
  const { plan, people, experience, ...more } = ask
  return remembered(`${kind} ${place}`, [plan, own, ...peopleKey(people), experience.pace, ...experience.knows, ...Object.values(more)], () =>
    askOn(own, kind, ask),
  )
}

/** The stair of a plan. */
export const askStair = ({ own }: Shelf, place: string, plan: JudgeQuestions['stair']['ask']['plan']) =>
  remembered(`stair ${place}`, [plan, own], () => askOn(own, 'stair', { plan }))

/** A class on its coming days. @param place id of the class, and which of its days */
export const askAhead = ({ own }: Shelf, place: string, ask: JudgeQuestions['ahead']['ask']) =>
  remembered(
    `ahead ${place}`,
    [ask.plan, own, ...ask.meetings.flatMap(({ day, people }) => [day, ...peopleKey(people)]), ask.experience.pace, ...ask.experience.knows],
    () => askOn(own, 'ahead', ask),
  )

export const askFind = ({ own }: Shelf, ask: JudgeQuestions['find']['ask']) =>
  remembered('find', [own, JSON.stringify(ask.wish), ...peopleKey(ask.people)], () => askOn(own, 'find', ask))

/** How people stand before any movement, one question for all who have changed since it was asked last. */
export async function askStanding(facts: readonly PersonFacts[]) {
  holder.velvetStandings ??= new WeakMap()
  const known = holder.velvetStandings
  const fresh = facts.filter((one) => !known.has(one))
  const answers = fresh.length > 0 ? await judge().ask('standing', { facts: fresh }) : []
  fresh.forEach((one, index) => {
    known.set(one, answers[index]!)
  })
  return facts.map((one) => known.get(one)!)
}
