import { stageWords } from '@/content/conditions/stageWords'
import { ceilingFor, ceilingWords, talkTest } from '@/core/effort'
import type { Assessment } from '@/core/safety'

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
          {conditions.map(({ condition, fields, presence, via }) => (
            <li key={`${condition.slug}-${via ?? ''}`}>
              {condition.name}
              {condition.variants.length > 1 && <span className="text-soft">, {stageWords(fields.variant)}</span>}
              {presence === 'inherited' && <span className="text-soft"> (comes with it)</span>}
            </li>
          ))}
        </ul>
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
