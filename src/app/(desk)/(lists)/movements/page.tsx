import { z } from 'zod'
import { PURPOSES } from '@/core/movement'
import { askFind } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { listClasses, rosterOf } from '@/server/repositories/classes'
import { peopleOn } from '@/server/roster'
import { RULE_BASE } from '@/server/ruleBase'
import { here, today } from '@/server/studio'
import { findIn } from '@/ui/movements/findAddress'
import { MovementSearch } from '@/ui/movements/MovementSearch'
import { FIRST_FIND } from '@/workers/libraryContract'

export const metadata = { title: 'Movements' }

/** Added by the tool or by the check-in; nobody searches for them. */
const NOT_SEARCHED = new Set(
  [...RULE_BASE.conditions.values()].flatMap(({ slug, addedBy }) => (addedBy && ['always', 'age', 'unwell'].includes(addedBy.by) ? [slug] : [])),
)

export default async function MovementsPage({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  const { db, studio } = await here()
  const given = await searchParams
  const asked = typeof given.class === 'string' ? given.class : ''
  const wish = { ...FIRST_FIND, ...findIn(given) }
  const [shelf, classes] = await Promise.all([studioLibrary(db, studio.id), listClasses(db, studio.id)])
  const classId = z.uuid().safeParse(asked).success && classes.some(({ id }) => id === asked) ? asked : ''
  const people = classId ? await peopleOn(db, studio.id, await rosterOf(db, studio.id, classId), today(studio), classId) : []
  const first = await askFind(shelf, { people, wish })
  return (
    <>
      <h1 className="mb-5">Movements</h1>
      <MovementSearch
        key={classId}
        first={first}
        startQuery={wish}
        purposes={[...PURPOSES]}
        conditions={[...RULE_BASE.conditions.values()]
          .filter(({ slug }) => !NOT_SEARCHED.has(slug))
          .map(({ slug, name }) => ({ slug, name }))
          .sort((a, b) => a.name.localeCompare(b.name))}
        classes={classes.map(({ id, plan }) => ({ id, title: plan.title }))}
        classId={classId}
        people={people}
        own={shelf.own}
      />
    </>
  )
}
