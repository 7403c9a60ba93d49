import { NewClassForm } from '@/ui/design/NewClassForm'

export const metadata = { title: 'New class' }

export default function NewClassPage() {
  return (
    <>
      <h1 className="mb-6">New class</h1>
      <NewClassForm />
    </>
  )
}
