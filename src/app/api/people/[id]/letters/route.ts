import { randomUUID } from 'node:crypto'
import { unkeepable } from '@/core/formats'
import { getClient } from '@/server/repositories/clients'
import { addLetter } from '@/server/repositories/letters'
import { bodyOf, refuse, withId } from '../../../answers'

const MAX_BYTES = 5 * 1024 * 1024
/** What a scan may be, told by its first bytes and not by its name. */
const KINDS: { mime: string; starts: number[] }[] = [
  { mime: 'application/pdf', starts: [0x25, 0x50, 0x44, 0x46] },
  { mime: 'image/png', starts: [0x89, 0x50, 0x4e, 0x47] },
  { mime: 'image/jpeg', starts: [0xff, 0xd8, 0xff] },
]

/** Keeps a scanned letter of clearance. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a person', async ({ db, studio, id }) => {
    const body = await bodyOf(request, MAX_BYTES + 10_000)
    const form = await new Response(body, { headers: { 'content-type': request.headers.get('content-type') ?? '' } })
      .formData()
      .catch(() => undefined)
    const file = form?.get('file')
    const condition = form?.get('condition')
    if (!(file instanceof File)) return refuse('$.file', 'expected a file')
    if (typeof condition !== 'string' || condition === '' || condition.length > 60)
      return refuse('$.condition', 'expected the condition that it is for')
    const lost = unkeepable({ condition, name: file.name })[0]
    if (lost) return refuse(lost.path, lost.message)
    if (file.size > MAX_BYTES) return refuse('$.file', 'the file is larger than 5 MB', 413)
    const content = new Uint8Array(await file.arrayBuffer())
    const kind = KINDS.find(({ starts }) => starts.every((byte, index) => content[index] === byte))
    if (!kind) return refuse('$.file', 'expected a PDF, a PNG or a JPEG picture', 415)
    await getClient(db, studio.id, id)
    const letter = randomUUID()
    await addLetter(db, studio.id, { id: letter, clientId: id, condition, name: file.name.slice(0, 120), mime: kind.mime, content })
    return Response.json({ id: letter })
  })
