import { LIBRARY } from '@/content/movements'
import { calendarChoices, conditionChoices } from '@/core/client'
import { RULE_BASE } from '@/server/ruleBase'
import { here, today } from '@/server/studio'
import { PersonForm } from '@/ui/people/PersonForm'

export const metadata = { title: 'Register a person' }

export default async function NewPersonPage() {
  const { studio } = await here()
  return (
    <div className="max-w-[900px]">
      <h1 className="mb-6">Register a person</h1>
      <PersonForm
        today={today(studio)}
        choices={conditionChoices(RULE_BASE)}
        calendar={calendarChoices(RULE_BASE)}
        movements={LIBRARY.movements.map(({ id, name }) => [id, name] as const)}
      />
    </div>
  )
}
