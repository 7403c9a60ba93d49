import { paceToday } from '@/server/experience'
import { here, today } from '@/server/studio'
import { SettingsForm } from '@/ui/settings/SettingsForm'

export const metadata = { title: 'Settings' }

export default async function SettingsPage() {
  const { db, studio } = await here()
  const { classes, rates } = await paceToday(db, studio, today(studio))
  return (
    <>
      <h1 className="mb-6">Settings</h1>
      <SettingsForm settings={studio.settings} zones={Intl.supportedValuesOf('timeZone')} pace={{ classes, rates }} />
    </>
  )
}
