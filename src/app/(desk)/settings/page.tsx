import { here } from '@/server/studio'
import { SettingsForm } from '@/ui/settings/SettingsForm'

export const metadata = { title: 'Settings' }

export default async function SettingsPage() {
  const { studio } = await here()
  return (
    <>
      <h1 className="mb-6">Settings</h1>
      <SettingsForm settings={studio.settings} zones={Intl.supportedValuesOf('timeZone')} />
    </>
  )
}
