import { LIBRARY } from '@/content/movements'
import { calendarChoices, conditionChoices } from '@/core/client'
import { RULE_BASE } from '@/server/ruleBase'
import { PersonForm } from '@/ui/people/PersonForm'

export const metadata = { title: 'Register a person' }

export default function NewPersonPage() {
  return (
    <div className="max-w-[900px]">
      <h1 className="mb-6">Register a person</h1>
      <PersonForm
        choices={conditionChoices(RULE_BASE)}
        calendar={calendarChoices(RULE_BASE)}
        movements={LIBRARY.movements.map(({ id, name }) => [id, name] as const)}
      />
    </div>
  )
}
