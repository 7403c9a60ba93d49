import { notFound } from 'next/navigation'
import { demandsInWords, describePicture, differences, dosesPerGoal, ladderOf, OWN_PREFIX, pictureOf } from '@/core/movement'
import { libraryRepSeconds } from '@/core/plan'
import { studioLibrary } from '@/server/library'
import { listClasses, rosterOf } from '@/server/repositories/classes'
import { peopleOn } from '@/server/roster'
import { here, today } from '@/server/studio'
import { LadderFiles } from '@/ui/movements/LadderFiles'
import { LadderView } from '@/ui/movements/LadderView'
import { RemoveOwn } from '@/ui/movements/RemoveOwn'

export const metadata = { title: 'Movement' }

export default async function MovementPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ class?: string }> }) {
  const { id } = await params
  const asked = (await searchParams).class
  const { db, studio } = await here()
  const [{ catalogue, own }, classes] = await Promise.all([studioLibrary(db, studio.id), listClasses(db, studio.id)])
  const offered = ladderOf(catalogue, id)
  // one of one's own that was taken out is still found by who uses it
  const gone = offered.length === 0 ? catalogue.byId.get(`${id}/own`) : undefined
  const steps = gone ? [gone] : offered
  const mine = own.find((one) => id === `${OWN_PREFIX}${one.id}`)
  const movement = steps[0]?.movement
  const unit = studio.settings.houseRules.masses
  if (!movement) notFound()
  const chosen = classes.find((one) => one.id === asked)
  const people = chosen ? await peopleOn(db, studio.id, await rosterOf(db, studio.id, chosen.id), today(studio), chosen.id) : []
  const named = (muscles: readonly string[]) => muscles.map((muscle) => muscle.replaceAll('-', ' ')).join(', ')
  return (
    <div className="flex flex-col gap-6">
      <div>
        <p className="text-soft">{movement.purpose.replaceAll('-', ' ')}</p>
        <h1>{movement.name}</h1>
        <p className="text-soft">Good for {movement.everyday}.</p>
        <LadderFiles movement={id} />
        {mine && <RemoveOwn id={mine.id} removed={mine.removed} />}
      </div>
      <LadderView
        key={chosen?.id}
        movement={id}
        classes={classes.map((one) => ({ id: one.id, title: one.plan.title }))}
        classId={chosen?.id ?? ''}
        people={people}
        own={own}
        everyday={movement.everyday}
        pattern={named(movement.pattern)}
        partners={movement.partners
          .flatMap((partner) => ladderOf(catalogue, partner).slice(0, 1))
          .map((entry) => ({ id: entry.movement.id, name: entry.movement.name }))}
        muscles={`${named(movement.main)}${movement.helping.length > 0 ? `; helping: ${named(movement.helping)}` : ''}`}
        steps={steps.map(({ variant, planned }, index) => ({
          variant,
          repSeconds: libraryRepSeconds({ variant }),
          demands: demandsInWords(planned, unit),
          changes: index > 0 ? differences(steps[index - 1]!.planned, planned, unit) : [],
          doses: dosesPerGoal(movement.purpose, variant.dose),
          drawing: pictureOf(variant),
          words: describePicture(movement, variant),
        }))}
      />
    </div>
  )
}
