import { notFound } from 'next/navigation'
import { demandsInWords, describePicture, differences, dosesPerGoal, groupRepSeconds, ladderOf, pictureOf } from '@/core/movement'
import { studioLibrary } from '@/server/library'
import { here } from '@/server/studio'
import { LadderView } from '@/ui/movements/LadderView'

export const metadata = { title: 'Movement' }

export default async function MovementPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const { db, studio } = await here()
  const { catalogue } = await studioLibrary(db, studio.id)
  const steps = ladderOf(catalogue, id)
  const movement = steps[0]?.movement
  if (!movement) notFound()
  const named = (muscles: readonly string[]) => muscles.map((muscle) => muscle.replaceAll('-', ' ')).join(', ')
  return (
    <div className="flex flex-col gap-6">
      <div>
        <p className="text-soft">{movement.purpose.replaceAll('-', ' ')}</p>
        <h1>{movement.name}</h1>
        <p className="text-soft">Good for {movement.everyday}.</p>
      </div>
      <LadderView
        everyday={movement.everyday}
        pattern={named(movement.pattern)}
        partners={movement.partners
          .flatMap((partner) => ladderOf(catalogue, partner).slice(0, 1))
          .map((entry) => ({ id: entry.movement.id, name: entry.movement.name }))}
        muscles={`${named(movement.main)}${movement.helping.length > 0 ? `; helping: ${named(movement.helping)}` : ''}`}
        steps={steps.map(({ variant, planned }, index) => ({
          variant,
          repSeconds: groupRepSeconds(variant, variant.dose),
          demands: demandsInWords(planned),
          changes: index > 0 ? differences(steps[index - 1]!.planned, planned) : [],
          doses: dosesPerGoal(movement.purpose, variant.dose),
          drawing: pictureOf(variant),
          words: describePicture(movement, variant),
        }))}
      />
    </div>
  )
}
