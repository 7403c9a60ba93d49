import { RULE_BASE } from '@/server/ruleBase'
import { ImportPeople } from '@/ui/people/ImportPeople'

export const metadata = { title: 'Import people' }

export default function ImportPage() {
  return (
    <>
      <h1 className="mb-5">Import people</h1>
      <ImportPeople known={[...RULE_BASE.conditions.keys()]} />
    </>
  )
}
