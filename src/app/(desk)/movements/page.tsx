import Link from 'next/link'
import { MOVEMENTS } from '@/content/movements'
import { describePicture, pictureOf } from '@/core/movement'
import { FigureDrawing } from '@/ui/figure/FigureDrawing'

export const metadata = { title: 'Movements' }

export default function MovementsPage() {
  return (
    <>
      <h1 className="mb-6">Movements</h1>
      <ul className="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-4">
        {MOVEMENTS.map((movement) => {
          const variant = movement.variants[Math.floor(movement.variants.length / 2)]!
          return (
            <li key={movement.id}>
              <Link href={`/movements/${movement.id}`} className="block no-underline">
                <FigureDrawing
                  drawing={pictureOf(variant)}
                  label={describePicture(movement, variant)}
                  className="h-36 w-full [--fig-gap:var(--paper)]"
                />
                <span className="block border-t-4 border-soft pt-1 font-semibold">{movement.name}</span>
                <span className="block text-soft">
                  {movement.purpose.replaceAll('-', ' ')}, {movement.variants.length} steps
                </span>
              </Link>
            </li>
          )
        })}
      </ul>
    </>
  )
}
