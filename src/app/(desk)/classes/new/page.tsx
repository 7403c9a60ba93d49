import { kitOfWords } from '@/content/kit/homeWords'
import { TEMPLATES } from '@/content/templates'
import { type PlanDraft, planSchema } from '@/core/plan'
import { listClasses } from '@/server/repositories/classes'
import { listClients } from '@/server/repositories/clients'
import { callNames } from '@/server/roster'
import { here } from '@/server/studio'
import { NewClassForm } from '@/ui/design/NewClassForm'

export const metadata = { title: 'New class' }

const asBeginning = ({ title, promisedMinutes, room }: PlanDraft) => ({ title, minutes: promisedMinutes, kit: room.kit })

export default async function NewClassPage() {
  const { db, studio } = await here()
  const [classes, clients] = await Promise.all([listClasses(db, studio.id), listClients(db, studio.id)])
  const names = callNames(clients.map(({ record }) => record))
  return (
    <>
      <h1 className="mb-6">New class</h1>
      <NewClassForm
        weekStart={studio.settings.weekStart}
        templates={TEMPLATES.map(({ key, forWhom, visit, plan }) => ({
          id: key,
          forWhom,
          visit: visit ?? false,
          ...asBeginning(planSchema.parse(plan)),
        }))}
        classes={classes.map(({ id, plan }) => ({ id, forWhom: '', visit: false, ...asBeginning(plan) }))}
        people={clients.flatMap(({ id, record }, index) => {
          if (record.consentWithdrawnOn !== undefined) return []
          return [{ id, name: names[index]!, ...kitOfWords(record.kitAtHome) }]
        })}
      />
    </>
  )
}
