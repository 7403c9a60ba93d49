import { stageWords } from '@/content/conditions/stageWords'
import { type Meant, meaningOf } from '@/core/client'
import { ceilingFor, ceilingWords, talkTest } from '@/core/effort'
import type { Assessment } from '@/core/safety'

function Sentences({ title, all, how }: { title: string; all: readonly Meant[]; how: string }) {
  if (all.length === 0) return null
  return (
    <>
      <p className="label mt-2">{title}</p>
      <ul className="list-disc pl-5">
        {all.map(({ why, offer }) => (
          <li key={why}>
            {why} {offer && <span className="text-soft">{`${how}: ${offer.replace(/\.$/, '')}.`}</span>}
          </li>
        ))}
      </ul>
    </>
  )
}

/** What age, calendar and record come to on a day: gates, limits and stop signs. */
export function Standing({ assessment, week }: { assessment: Assessment; week?: { weeks: number; days: number } }) {
  const ceiling = ceilingFor(assessment, 'tanaka')
  const { limits, conditions, closed, gates, pending, stopSigns, heartRate } = assessment
  const minutes = [
    `effort ${limits.rpeCap.value} of 10 at most`,
    `holds up to ${limits.holdMaxSec.value} s`,
    `rests × ${limits.restMult.value}`,
    `${limits.warmMin.value} min warm-up, ${limits.coolMin.value} min cool-down`,
    `${limits.pauseSec.value} s pause when rising`,
  ]
  return (
    <aside className="flex flex-col gap-4">
      <h2>As it stands today</h2>
      {week && (
        <p className="font-serif text-[1.3rem] text-plum">
          Week {week.weeks}+{week.days}
        </p>
      )}
      {closed ? <p className="border-l-4 border-effort pl-3">{closed.text}</p> : <p>May take part.</p>}
      {gates
        .filter((gate) => gate !== closed)
        .map((gate) => (
          <p key={gate.id} className="text-soft">
            {gate.text}
          </p>
        ))}
      {pending.length > 0 && <p>A clinician’s agreement is advised and not on file. Until then effort stays at 4 and steps stay soft.</p>}
      <div>
        <p className="label">Counted with</p>
        <ul>
          {conditions.map(({ condition, fields, presence, record, via }, index) => (
            <li key={`${condition.slug}-${via ?? ''}-${index}`}>
              {condition.name}
              {record?.side && <span className="text-soft">, {record.side}</span>}
              {condition.variants.length > 1 && <span className="text-soft">, {stageWords(fields.variant)}</span>}
              {presence === 'inherited' && <span className="text-soft"> (comes with it)</span>}
            </li>
          ))}
        </ul>
      </div>
      <div>
        <p className="label">What that means in class</p>
        {meaningOf(assessment).map(({ slug, name, rationale, leaveOut, change, good }) => (
          <details key={slug} className="border-t border-line">
            <summary className="min-h-11 cursor-pointer py-2 font-semibold">{name}</summary>
            <p>{rationale}</p>
            <Sentences title="Leave out" all={leaveOut} how="Instead" />
            <Sentences title="Change" all={change} how="Rather" />
            <Sentences title="Good" all={good} how="Say" />
          </details>
        ))}
      </div>
      <div>
        <p className="label">Limits</p>
        <ul>
          {minutes.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </div>
      <div>
        <p className="label">How hard</p>
        <p>
          {ceilingWords(ceiling)} By the talk test: {talkTest(limits.rpeCap.value)}.
        </p>
      </div>
      {heartRate.length > 0 && (
        <div>
          <p className="label">Pulse</p>
          {heartRate.map(({ condition, text }) => (
            <p key={condition}>{text}</p>
          ))}
        </div>
      )}
      {stopSigns.length > 0 && (
        <div>
          <p className="label">Own stop signs</p>
          <ul>
            {stopSigns.map((sign) => (
              <li key={sign}>{sign}</li>
            ))}
          </ul>
        </div>
      )}
      <p className="text-[0.94rem] text-soft">Supports a trained instructor; the person’s own clinician and local rules come first.</p>
    </aside>
  )
}
