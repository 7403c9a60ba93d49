/** Writes the JSON Schemas of docs/formats from the validators of the core. */
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { schemaFiles } from '../src/core/formats'

const folder = path.resolve(import.meta.dirname, '../docs/formats')
for (const [name, text] of Object.entries(schemaFiles())) writeFileSync(path.join(folder, name), text)
