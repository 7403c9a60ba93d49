import { z } from 'zod'
import { letterContent } from '@/server/repositories/letters'
import { NotFoundError } from '@/server/stale'
import { here } from '@/server/studio'

export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  if (!z.uuid().safeParse(id).success) return Response.json({ problems: [{ path: '$.id', message: 'expected the id of a letter' }] }, { status: 400 })
  const { db, studio } = await here()
  try {
    const { name, mime, content } = await letterContent(db, studio.id, id)
    return new Response(Uint8Array.from(content), {
      headers: { 'content-type': mime, 'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(name)}`, 'cache-control': 'no-store' },
    })
  } catch (error) {
    if (error instanceof NotFoundError) return Response.json({ problems: [{ path: '$.id', message: error.message }] }, { status: 404 })
    throw error
  }
}
