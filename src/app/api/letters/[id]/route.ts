import { letterContent } from '@/server/repositories/letters'
import { withId } from '../../answers'

export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a letter', async ({ db, studio, id }) => {
    const { name, mime, content } = await letterContent(db, studio.id, id)
    return new Response(Uint8Array.from(content), {
      headers: {
        'content-type': mime,
        'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}`,
        'cache-control': 'no-store',
      },
    })
  })
