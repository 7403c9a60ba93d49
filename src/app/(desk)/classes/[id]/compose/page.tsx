import { BRIEF_BPM, BRIEF_MINUTES, briefSchema, type Place } from '@/core/compose'
import { groupOn, latelyIn } from '@/server/experience'
import { studioLibrary } from '@/server/library'
import { getClass, listClasses, rosterOf, wishesOf } from '@/server/repositories/classes'
import { shownDay } from '@/server/studio'
import { ComposeView } from '@/ui/compose/ComposeView'
import { named } from '../../../../named'

export const metadata = { title: 'Compose' }

export default async function ComposePage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ day?: string; like?: string }>
}) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const { day: askedDay, like } = await searchParams
  const day = shownDay(studio, stored, askedDay)
  const [shelf, classes, wishes] = await Promise.all([studioLibrary(db, studio.id), listClasses(db, studio.id), wishesOf(db, studio.id, id)])
  const others = classes.filter((other) => other.id !== id)
  // people like those of another class: composed for them, and for nobody by name until the roster is made
  const of = others.find((other) => other.id === like)?.id ?? id
  const roster = await rosterOf(db, studio.id, of)
  const [{ people, experience }, lately] = await Promise.all([
    groupOn(db, studio, { roster, day, classId: of }),
    latelyIn(db, studio.id, id, day, shelf.catalogue),
  ])
  const { plan } = stored
  const bpm = Math.round(plan.bpm ?? 0)
  const there: Place[] = [
    'seat',
    'stand',
    ...(plan.room.floorWork ? (['floor'] as const) : []),
    ...(plan.room.kit.includes('bed') ? (['bed'] as const) : []),
  ]
  // what was wished the last time, as far as the room and the library still have it
  const wished = wishes?.places.filter((place) => there.includes(place)) ?? []
  const places = wished.length > 0 ? wished : there
  const known = new Set(shelf.catalogue.movements.map((movement) => movement.id))
  const stillKnown = (movements: readonly string[] = []) => movements.filter((movement) => known.has(movement))
  return (
    <ComposeView
      id={id}
      day={day}
      start={briefSchema.parse({
        ...(wishes ?? { music: BRIEF_BPM.least <= bpm && bpm <= BRIEF_BPM.most ? bpm : undefined }),
        pinned: stillKnown(wishes?.pinned),
        banned: stillKnown(wishes?.banned),
        version: 1,
        title: plan.title,
        minutes: Math.min(BRIEF_MINUTES.most, Math.max(BRIEF_MINUTES.least, plan.promisedMinutes)),
        room: plan.room,
        places,
        tracks: plan.tracks,
        familiar: [...new Set([...plan.familiar, ...experience.knows])].sort().slice(0, 400),
        lately: lately.movements,
        resting: lately.resting,
      })}
      people={people}
      like={of === id ? undefined : of}
      others={others.map((other) => ({ id: other.id, title: other.plan.title })).toSorted((a, b) => a.title.localeCompare(b.title))}
      own={shelf.own}
      rates={experience.pace.rates}
      movements={shelf.catalogue.movements.map(({ id: movement, name }) => ({ id: movement, name })).toSorted((a, b) => a.name.localeCompare(b.name))}
    />
  )
}
