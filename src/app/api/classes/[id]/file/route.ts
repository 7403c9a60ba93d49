import { classFile } from '@/core/formats'
import { getClass } from '@/server/repositories/classes'
import { jsonFile, withId } from '../../../answers'

/** The class as a file that opens again, here or on the command line; nobody is named in it. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a class', async ({ db, studio, id }) => {
    const { plan } = await getClass(db, studio.id, id)
    return jsonFile('class.json', classFile(plan))
  })
