import { z } from 'zod'
import { briefFileSchema } from '../compose'
import { classFile2Schema, peopleFileSchema } from './files'
import { ledFileSchema, paceFileSchema } from './pace'

const SCHEMAS = {
  brief: { title: 'Velvet Step brief file', schema: briefFileSchema },
  class: { title: 'Velvet Step class file', schema: classFile2Schema },
  led: { title: 'Velvet Step file of led classes', schema: ledFileSchema },
  pace: { title: 'Velvet Step pace file', schema: paceFileSchema },
  people: { title: 'Velvet Step people file', schema: peopleFileSchema },
} as const

/** JSON Schema (draft 2020-12) of each file format, by file name, as text. Made from the validators, so that both say the same. */
export const schemaFiles = (): Record<string, string> =>
  Object.fromEntries(
    Object.entries(SCHEMAS).map(([name, { title, schema }]) => [
      `${name}.schema.json`,
      `${JSON.stringify({ title, ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) }, null, 2)}\n`,
    ]),
  )
