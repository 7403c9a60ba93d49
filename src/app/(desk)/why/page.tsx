import { CONDITIONS, SOURCES } from '@/content/conditions'

export const metadata = { title: 'Why Velvet Step says what it says' }

export default function WhyPage() {
  const rules = CONDITIONS.flatMap((condition) => condition.rules)
  return (
    <div className="max-w-prose">
      <h1 className="mb-4">Why Velvet Step says what it says</h1>
      <p className="mb-4">
        Every verdict comes from {rules.length} written rules on {CONDITIONS.length} conditions. Below is each rule as it runs. It supports a trained
        instructor; it does not replace clinical judgement, and what a person’s own clinician says comes first.
      </p>
      {CONDITIONS.map((condition) => (
        <details key={condition.slug} className="border-t border-line py-2">
          <summary className="min-h-11 cursor-pointer font-semibold">
            {condition.name} <span className="font-normal text-soft">{condition.rules.length} rules</span>
          </summary>
          <p className="mb-2">{condition.rationale}</p>
          <ul className="flex flex-col gap-3">
            {condition.rules.map((rule) => (
              <li key={rule.id}>
                <p>
                  <b>{rule.id}</b> {rule.then}: {rule.why}
                </p>
                <p className="text-[0.94rem] text-soft">
                  <code>{rule.if}</code>
                  {rule.must && (
                    <>
                      {' '}
                      must <code>{rule.must}</code>
                    </>
                  )}{' '}
                  · {rule.ev.replaceAll('-', ' ')} {rule.src.map((source) => SOURCES[source]).join(' ')}
                </p>
              </li>
            ))}
          </ul>
        </details>
      ))}
    </div>
  )
}
