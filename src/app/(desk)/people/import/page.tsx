import { listClients } from '@/server/repositories/clients'
import { RULE_BASE } from '@/server/ruleBase'
import { here } from '@/server/studio'
import { ImportPeople } from '@/ui/people/ImportPeople'

export const metadata = { title: 'Import people' }

export default async function ImportPage() {
  const { db, studio } = await here()
  const registered = await listClients(db, studio.id)
  return (
    <>
      <h1 className="mb-5">Import people</h1>
      <ImportPeople
        known={[...RULE_BASE.conditions.values()].map(({ slug, name }) => ({ slug, name }))}
        registered={registered.map(({ id, revision, record: { given, family, birthDate } }) => ({ id, revision, given, family, birthDate }))}
      />
    </>
  )
}
