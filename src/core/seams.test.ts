import { readdirSync, readFileSync, statSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DOOR_FINDINGS } from '@/content/screening/door'
import { FORM } from '@/content/screening/form'
import { ANSWER_FIELDS, checkInSchema, clientSchema, READINGS } from './client'
import { roomSchema } from './plan'
import { buildRuleBase, CONDITION_FIELDS, namesRead, type PERSON_FIELDS, type SESSION_FIELDS } from './safety'

const base = buildRuleBase(CONDITIONS)
const root = path.resolve(import.meta.dirname, '..')
function* sources(folder: string): Generator<string> {
  for (const name of readdirSync(folder)) {
    const file = path.join(folder, name)
    if (statSync(file).isDirectory()) yield* sources(file)
    else if (/\.tsx?$/.test(name) && !name.includes('.test.')) yield file
  }
}

describe('conditions are wholly data', () => {
  // words that are a slug and also mean something else there: a kind of birth in the record
  const ALSO_A_WORD = new Set(['caesarean'])
  const slugs = CONDITIONS.map(({ slug }) => slug).filter((slug) => !ALSO_A_WORD.has(slug))
  const quoted = new RegExp(`['"\`](${slugs.join('|')})['"\`]`)
  test.each(['core', 'ui', 'workers', 'app', 'server'])('no slug of a condition in %s', (room) => {
    const found = [...sources(path.join(root, room))].flatMap((file) =>
      readFileSync(file, 'utf8')
        .split('\n')
        .flatMap((line, index) =>
          quoted.test(line) && !file.includes('/testing/') ? [`${path.relative(root, file)}:${index + 1} ${line.trim()}`] : [],
        ),
    )
    expect(found).toEqual([])
  })
  test('no list of rooms of the core is exported whole', () => {
    const barrels = [...sources(path.join(root, 'core'))].filter((file) => /export \* from/.test(readFileSync(file, 'utf8')))
    expect(barrels.map((file) => path.relative(root, file))).toEqual([])
  })
})

/** Fields of the record's schema and of the check-in's, by name. */
const inRecord = new Set(Object.keys(clientSchema.shape))
const inCapability = new Set(Object.keys(clientSchema.shape.capability.unwrap().shape))
const atDoor = new Set(Object.keys(checkInSchema.shape))
const inRoom = new Set(Object.keys(roomSchema.shape))
const setByForm = new Set(FORM.questions.flatMap(({ options }) => options.flatMap(({ set }) => Object.keys(set ?? {}))))

type Writer =
  /** a field of the record under another name */
  | { record: string }
  | { capability: string }
  | { door: string }
  | { room: string }
  /** worked out: from the calendar, the attendance, the answers or the timeline */
  | { derived: 'calendar' | 'attendance' | 'answers' | 'record' | 'timeline' | 'roster' }

/** Where each field that a rule may read is set. A rule that reads a field without a writer can never fire, or never be lifted. */
const PERSON_WRITERS: Record<keyof typeof PERSON_FIELDS, Writer> = {
  age: { record: 'birthDate' },
  gestationalWeek: { record: 'dueDate' },
  weeksPostpartum: { record: 'lastBirth' },
  noBirth12m: { record: 'noBirth12m' },
  impactTrained: { capability: 'impactTrained' },
  floorTransferOk: { capability: 'floorTransferOk' },
  singleLegTestSec: { capability: 'singleLegSec' },
  riseNoHands: { capability: 'riseNoHands' },
  weeksInProgramme: { derived: 'attendance' },
  coning: { capability: 'coning' },
  pfLoadTestOk: { capability: 'pfLoadTestOk' },
  restSbp: { door: 'restSbp' },
  restDbp: { door: 'restDbp' },
  restHr: { door: 'restHr' },
  glucoseMmol: { door: 'glucoseMmol' },
  ketonesMmol: { door: 'ketonesMmol' },
  spo2: { door: 'spo2' },
  painNow: { door: 'painNow' },
  painAboveUsual: { door: 'usualPain' },
  dayFeel: { door: 'dayFeel' },
  screenOutcome: { derived: 'answers' },
  latexAllergy: { record: 'latexAllergy' },
  dualSensoryLoss: { derived: 'record' },
  dizzyNow: { door: 'dizzyNow' },
  feverNow: { door: 'feverNow' },
  chestPainNow: { door: 'chestPainNow' },
  newBreathless: { door: 'newBreathless' },
}
const SESSION_WRITERS: Record<keyof typeof SESSION_FIELDS, Writer> = {
  supportInReach: { room: 'supportInReach' },
  roomTempC: { room: 'tempC' },
  hour: { room: 'startHour' },
  barefoot: { room: 'barefoot' },
  seatedBlockMin: { derived: 'timeline' },
  standingBlockMin: { derived: 'timeline' },
  minSinceAerobic: { derived: 'timeline' },
  instructorRatio: { room: 'leaders' },
}

describe('every field that a rule, gate or limit reads has a writer', () => {
  const read = [...new Set([...base.conditions.keys()].flatMap((slug) => [...namesRead(base, slug)]))].filter((name) => /^[pcs]\./.test(name)).sort()
  test('there are many', () => expect(read.length).toBeGreaterThan(50))
  const written = (writer: Writer | undefined): boolean => {
    if (!writer) return false
    if ('derived' in writer) return true
    if ('record' in writer) return inRecord.has(writer.record)
    if ('capability' in writer) return inCapability.has(writer.capability)
    return 'door' in writer ? atDoor.has(writer.door) : inRoom.has(writer.room)
  }
  const record = new Set(Object.keys(clientSchema.shape.conditions.unwrap().element.shape))
  test.each(read)('%s', (name) => {
    const field = name.slice(2)
    if (name.startsWith('p.')) expect(written(PERSON_WRITERS[field as keyof typeof PERSON_WRITERS])).toBe(true)
    else if (name.startsWith('s.')) expect(written(SESSION_WRITERS[field as keyof typeof SESSION_WRITERS])).toBe(true)
    else
      expect(
        field in CONDITION_FIELDS && (field === 'weeks' ? record.has('since') : field === 'cleared' ? inRecord.has('clearances') : record.has(field)),
      ).toBe(true)
  })
  test('what the form sets is kept somewhere', () => {
    for (const field of setByForm) expect(inRecord.has(field) || inCapability.has(field), field).toBe(true)
  })
  test('every answer field of the rule base is one of the record, every reading one of the door', () => {
    for (const field of ANSWER_FIELDS) expect(record.has(field), field).toBe(true)
    for (const reading of READINGS) expect(atDoor.has(reading), reading).toBe(true)
    expect(new Set(DOOR_FINDINGS.map(({ key }) => key)).size).toBe(DOOR_FINDINGS.length)
  })
})
