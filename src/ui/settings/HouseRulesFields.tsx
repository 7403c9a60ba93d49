import type { UseFormRegister } from 'react-hook-form'
import { HOUSE_RULE_WORDS, houseWords } from '@/content/houseRules'
import { HOUSE_RULE_NAMES, HOUSE_RULES, type HouseRule, type HouseRules, type Settings } from '@/core/vocabulary'

const labelOf = <K extends HouseRule>(rule: K, choice: HouseRules[K]): string => HOUSE_RULE_WORDS[rule].choices[choice].label

/** How this house does what is done one way or the other, each with its reason. */
export function HouseRulesFields({ register, chosen }: { register: UseFormRegister<Settings>; chosen: HouseRules }) {
  return (
    <section className="grid gap-x-6 gap-y-4 sm:grid-cols-2">
      <div className="sm:col-span-2">
        <h2>House rules</h2>
        <p className="text-soft">
          They change what is offered first and what is said. What somebody’s own rules forbid stays forbidden, whatever is chosen here.
        </p>
      </div>
      {HOUSE_RULE_NAMES.map((rule) => (
        <label key={rule} className="field">
          <span>{HOUSE_RULE_WORDS[rule].title}</span>
          <select className="input" {...register(`houseRules.${rule}`)}>
            {HOUSE_RULES[rule].map((choice) => (
              <option key={choice} value={choice}>
                {labelOf(rule, choice as HouseRules[typeof rule])}
              </option>
            ))}
          </select>
          <span className="text-[0.94rem] text-soft">{houseWords(rule, chosen).because}</span>
        </label>
      ))}
    </section>
  )
}
