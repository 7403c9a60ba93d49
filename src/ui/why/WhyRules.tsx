'use client'
import { useDeferredValue, useEffect, useState } from 'react'
import { stageWords } from '@/content/conditions/stageWords'
import { type ConditionDefinition, EVIDENCE_WORDS, type Limits } from '@/core/safety/condition'

const LIMIT_WORDS: Record<keyof Limits, string> = {
  rpeCap: 'effort at most',
  holdMaxSec: 'holds up to, s',
  supineMaxMin: 'flat on the back up to, min',
  maxMet: 'energy up to, MET',
  loadMaxKg: 'load up to, kg',
  sessionMaxMin: 'active up to, min',
  stretchMaxSec: 'stretches up to, s',
  restMult: 'rests times',
  warmMin: 'warm-up at least, min',
  coolMin: 'cool-down at least, min',
  pauseSec: 'pause on rising, s',
  hr: 'pulse',
}
const limitWords = (limits: Limits) =>
  Object.entries(limits)
    .map(([name, value]) => `${LIMIT_WORDS[name as keyof Limits]} ${value}`)
    .join('; ')

type Rules = ConditionDefinition['rules']

/** A condition as it runs: stages, limits, gates, and these of its rules. */
function ConditionRules({ condition, rules, sources }: { condition: ConditionDefinition; rules: Rules; sources: Record<string, string> }) {
  return (
    <>
      <p className="mb-2">{condition.rationale}</p>
      <p className="text-soft">
        Stages: {condition.variants.map((variant) => stageWords(variant)).join(', ')}. Clearance: {condition.clearance.need}
        {condition.clearance.requiredWhen && `, required when ${condition.clearance.requiredWhen}`}
        {condition.clearance.validMonths > 0 && `, valid ${condition.clearance.validMonths} months`}.
      </p>
      {condition.limits && <p className="text-soft">Limits: {limitWords(condition.limits)}.</p>}
      {condition.limitsWhen?.map(({ when, set }) => (
        <p key={when} className="text-soft">
          When <code>{when}</code>: {limitWords(set)}.
        </p>
      ))}
      {condition.gates && condition.gates.length > 0 && (
        <ul className="my-2 flex flex-col gap-2">
          {condition.gates.map((gate) => (
            <li key={gate.id}>
              <b>{gate.id}</b> {gate.outcome.replaceAll('-', ' ')}: {gate.text}
              <span className="block text-[0.94rem] text-soft">
                when <code>{gate.if}</code>
              </span>
            </li>
          ))}
        </ul>
      )}
      <ul className="flex flex-col gap-3">
        {rules.map((rule) => (
          <li key={rule.id}>
            <p>
              <b>{rule.id}</b> {rule.then}: {rule.why}
            </p>
            {rule.offer && <p>Offer: {rule.offer}</p>}
            {rule.contested && <p>Contested: {rule.contested}</p>}
            <p className="text-[0.94rem] text-soft">
              when <code>{rule.if}</code>
              {rule.must && (
                <>
                  , an alternative must <code>{rule.must}</code>
                </>
              )}{' '}
              · {EVIDENCE_WORDS[rule.ev]}
            </p>
            {rule.src.map((source) => (
              <p key={source} className="text-[0.94rem] text-soft">
                {source}: {sources[source]}
              </p>
            ))}
          </li>
        ))}
      </ul>
    </>
  )
}

/** The rules whose text, or whose condition's, has all of these words. */
function matching(condition: ConditionDefinition, words: readonly string[]): Rules {
  if (words.length === 0) return condition.rules
  const about = `${condition.name} ${condition.slug} ${condition.group} ${condition.rationale}`.toLowerCase()
  return condition.rules.filter((rule) => {
    const text = `${rule.id} ${rule.if} ${rule.must ?? ''} ${rule.why} ${rule.offer ?? ''} ${rule.cue ?? ''} ${rule.src.join(' ')}`.toLowerCase()
    return words.every((word) => about.includes(word) || text.includes(word))
  })
}

/** The rule base, fetched once as a file that never changes: in the page it would come anew with every look. */
function useRules() {
  const [known, setKnown] = useState<{ conditions: readonly ConditionDefinition[]; sources: Record<string, string> }>()
  useEffect(() => {
    import('@/content/conditions').then(({ CONDITIONS, SOURCES }) => setKnown({ conditions: CONDITIONS, sources: SOURCES }))
  }, [])
  return known
}

/** Every rule, gate and limit, found by words of any part of it. */
export function WhyRules({ index }: { index: readonly { slug: string; name: string; rules: number }[] }) {
  const [typed, setTyped] = useState('')
  const words = useDeferredValue(typed).toLowerCase().split(/\s+/).filter(Boolean)
  const known = useRules()
  const shown = known
    ? known.conditions.flatMap((condition) => {
        const rules = matching(condition, words)
        return rules.length > 0 ? [{ slug: condition.slug, name: condition.name, count: rules.length, condition, rules }] : []
      })
    : index.map(({ slug, name, rules }) => ({ slug, name, count: rules, condition: undefined, rules: [] }))
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-5">
        <label className="field w-96">
          <span>Search in conditions, rules, reasons and sources</span>
          <input className="input" value={typed} onChange={(event) => setTyped(event.target.value)} />
        </label>
        <p role="status" className="text-soft">
          {shown.reduce((sum, { count }) => sum + count, 0)} rules of {shown.length} conditions
        </p>
      </div>
      {shown.map(({ slug, name, count, condition, rules }) => (
        <details key={`${slug}-${words.length > 0}`} open={words.length > 0 && shown.length <= 8} className="border-t border-line py-2">
          <summary className="min-h-11 cursor-pointer font-semibold">
            {name} <span className="font-normal text-soft">{count} rules</span>
          </summary>
          {known && condition ? (
            <ConditionRules condition={condition} rules={rules} sources={known.sources} />
          ) : (
            <p className="text-soft">Being fetched.</p>
          )}
        </details>
      ))}
    </>
  )
}
