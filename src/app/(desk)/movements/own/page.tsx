import { notFound } from 'next/navigation'
import { LIBRARY } from '@/content/movements'
import { OWN_PREFIX, ownFrom } from '@/core/movement'
import { studioLibrary } from '@/server/library'
import { here } from '@/server/studio'
import { OwnEditor } from '@/ui/movements/OwnEditor'

export const metadata = { title: 'My own movement' }

/** `?from=movement/variant` begins a new one; a variant of an own movement opens that one again. */
export default async function OwnPage({ searchParams }: { searchParams: Promise<{ from?: string }> }) {
  const from = (await searchParams).from ?? ''
  const { db, studio } = await here()
  const { own } = await studioLibrary(db, studio.id)
  const mine = own.find(({ id }) => from === `${OWN_PREFIX}${id}/own`)
  const entry = LIBRARY.byId.get(mine?.document.from ?? from)
  if (!entry) notFound()
  const { room, props, view } = entry.variant
  return (
    <OwnEditor
      start={mine?.document ?? ownFrom(entry)}
      {...(mine && { stored: { id: mine.id, revision: mine.revision } })}
      source={{ name: `${entry.movement.name}: ${entry.variant.name}`, room, props, view, movement: entry.movement.id }}
    />
  )
}
