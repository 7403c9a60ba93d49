import { ladderSvg } from '@/core/formats'
import { ladderOf, pictureOf } from '@/core/movement'
import { studioLibrary } from '@/server/library'
import { here } from '@/server/studio'
import { PAPER_INK } from '@/ui/figure/paperInk'
import { refuse } from '../../../answers'

/** A ladder of the library as a picture, to keep or to print elsewhere. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const { db, studio } = await here()
  const { catalogue } = await studioLibrary(db, studio.id)
  const steps = ladderOf(catalogue, id)
  const [first] = steps
  if (!first) return refuse('$.id', `the library has no movement "${id.slice(0, 60)}"`, 404)
  const picture = { title: first.movement.name, steps: steps.map(({ variant }) => ({ name: variant.name, drawing: pictureOf(variant) })) }
  return new Response(ladderSvg(picture, PAPER_INK), {
    headers: {
      'content-type': 'image/svg+xml; charset=utf-8',
      'content-disposition': `attachment; filename="${first.movement.id}.svg"`,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
      'cache-control': 'no-store',
    },
  })
}
