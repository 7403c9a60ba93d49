import { notFound } from 'next/navigation'
import { LIBRARY, MOVEMENTS } from '@/content/movements'
import { describePicture, ladderOf, pictureOf } from '@/core/movement'
import { LadderSteps } from '@/ui/fit/LadderSteps'

export default async function MovementPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const movement = MOVEMENTS.find((one) => one.id === id)
  if (!movement) notFound()
  const steps = ladderOf(LIBRARY, id).map(({ variant }) => ({
    id: variant.id,
    name: variant.name,
    step: variant.step,
    drawing: pictureOf(variant),
    words: describePicture(movement, variant),
    standing: [],
    planned: false,
  }))
  return (
    <div className="flex flex-col gap-6">
      <div>
        <h1>{movement.name}</h1>
        <p className="text-soft">Good for {movement.everyday}.</p>
      </div>
      <LadderSteps steps={steps} />
    </div>
  )
}
