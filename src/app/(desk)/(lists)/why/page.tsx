import { CONDITIONS } from '@/content/conditions'
import { WhyRules } from '@/ui/why/WhyRules'

export const metadata = { title: 'Why Velvet Step says what it says' }

export default function WhyPage() {
  const rules = CONDITIONS.reduce((sum, condition) => sum + condition.rules.length, 0)
  return (
    <div className="max-w-[60rem]">
      <h1 className="mb-3">Why Velvet Step says what it says</h1>
      <p className="mb-2 max-w-prose">
        Every verdict comes from {rules} written rules on {CONDITIONS.length} conditions, with their gates and limits. Below is each as it runs, word
        for word.
      </p>
      <p className="mb-5 max-w-prose border-l-4 border-effort pl-3">
        This supports a trained instructor. It does not diagnose and does not replace clinical judgement; what a person’s own clinician says, and
        local rules, come first. Most rules are common practice and claim no source; where one is named, it is named from the rule base.
      </p>
      <WhyRules index={CONDITIONS.map(({ slug, name, rules: own }) => ({ slug, name, rules: own.length }))} />
    </div>
  )
}
