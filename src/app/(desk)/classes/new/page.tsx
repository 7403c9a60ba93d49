import { here } from '@/server/studio'
import { NewClassForm } from '@/ui/design/NewClassForm'

export const metadata = { title: 'New class' }

export default async function NewClassPage() {
  const { studio } = await here()
  return (
    <>
      <h1 className="mb-6">New class</h1>
      <NewClassForm weekStart={studio.settings.weekStart} />
    </>
  )
}
