import Link from 'next/link'
import type { Verdict } from '@/core/safety'
import { type ChangedClass, changesOfRules } from '@/server/changedRules'
import { here, today } from '@/server/studio'
import { RulesSeen } from '@/ui/settings/RulesSeen'
import { dayWords } from '@/ui/shell/days'

export const metadata = { title: 'Changed rules' }

const WORDS: Record<Verdict, string> = { 'as-planned': 'as planned', modify: 'adjusted', swap: 'another version', 'leave-out': 'sits out' }
const words = (verdict: string) => WORDS[verdict as Verdict] ?? verdict

/** What the rules of today give otherwise than those by which plans, open sessions and overrules were judged. Said once. */
export default async function RulesPage() {
  const { db, studio } = await here()
  const { classes, sessions, overrules } = await changesOfRules(db, studio, today(studio))
  const nothing = classes.length + sessions.length + overrules.length === 0
  return (
    <div className="max-w-[52rem]">
      <h1 className="mb-2">What the new rules change</h1>
      <p className="mb-6 text-soft">
        The rules were revised since your classes were last judged. Your plans are as you left them; what is judged otherwise now stands here.
      </p>
      {nothing && <p className="mb-6">No stored plan, open session or word of yours is judged otherwise than before.</p>}
      {classes.map((one) => (
        <Changed key={one.id} title={one.title} href={`/classes/${one.id}`} changed={one.changed} />
      ))}
      {sessions.map((one) => (
        <Changed key={one.id} title={`${one.title}, ${dayWords(one.day)}`} href={`/sessions/${one.id}`} changed={one.changed} />
      ))}
      {overrules.length > 0 && (
        <section className="mb-6">
          <h2>On your own word</h2>
          <ul>
            {overrules.map(({ clientId, name, variant, was, is }) => (
              <li key={`${clientId} ${variant}`} className="border-t border-line py-2">
                <Link href={`/people/${clientId}`}>{name}</Link>, {variant}: the rules said “{words(was)}” then and say “{words(is)}” now.
              </li>
            ))}
          </ul>
        </section>
      )}
      <RulesSeen />
    </div>
  )
}

function Changed({ title, href, changed }: { title: string; href: string; changed: ChangedClass['changed'] }) {
  return (
    <section className="mb-6">
      <h2>
        <Link href={href} className="no-underline hover:underline">
          {title}
        </Link>
      </h2>
      <ul>
        {changed.map(({ item, person, name, movement, was, is }) => (
          <li key={`${item} ${person}`} className="border-t border-line py-1">
            <b>{name}</b>, {movement}: {words(was)} before, <b>{words(is)}</b> now
          </li>
        ))}
      </ul>
    </section>
  )
}
