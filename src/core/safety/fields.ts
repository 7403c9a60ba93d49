/** Participant, condition and session fields with the default that an unknown answer takes (rule base 1.5). */

export type FieldDefinition =
  | { kind: 'number'; default: number | null; unit: string; label: string; min?: number; max?: number }
  | { kind: 'flag'; default: boolean; label: string }
  | { kind: 'enum'; values: readonly string[]; default: string; label: string }

const number = (label: string, unit: string, fallback: number | null, min = 0, max = 1000): Extract<FieldDefinition, { kind: 'number' }> => ({
  kind: 'number',
  label,
  unit,
  default: fallback,
  min,
  max,
})
const flag = (label: string, fallback: boolean): Extract<FieldDefinition, { kind: 'flag' }> => ({ kind: 'flag', label, default: fallback })

/** Readings that were not taken are -1; rules on them do not fire, and conditions that need one ask for it. */
const NOT_MEASURED = -1

export const PERSON_FIELDS = {
  age: number('Age', 'years', null, 0, 120),
  gestationalWeek: number('Completed weeks of pregnancy', 'weeks', -1, -1, 200),
  weeksPostpartum: number('Completed weeks since the latest birth', 'weeks', -1, -1, 5000),
  noBirth12m: flag('Has answered that there was no birth in the last 12 months', false),
  impactTrained: flag('Brisk or jumping impact weekly for 8 weeks without trouble', false),
  floorTransferOk: flag('Seen to get down to the floor and up again in the last 3 months', false),
  singleLegTestSec: number('One-leg stance, best of three on the worse leg', 's', 0, 0, 30),
  riseNoHands: flag('Rises from a standard chair without hands', false),
  weeksInProgramme: number('Weeks attending at least once a week', 'weeks', 0, 0, 2000),
  coning: flag('Ridge down the belly midline seen in effort', false),
  pfLoadTestOk: flag('Passed the pelvic-floor load test since the latest birth', false),
  restSbp: number('Systolic pressure today, after 5 min sitting', 'mmHg', NOT_MEASURED, -1, 300),
  restDbp: number('Diastolic pressure today', 'mmHg', NOT_MEASURED, -1, 200),
  restHr: number('Resting pulse today', 'bpm', NOT_MEASURED, -1, 250),
  glucoseMmol: number('Glucose today', 'mmol/L', NOT_MEASURED, -1, 50),
  ketonesMmol: number('Ketones today', 'mmol/L', NOT_MEASURED, -1, 20),
  spo2: number('Oxygen saturation today', '%', NOT_MEASURED, -1, 100),
  painNow: number('Pain at rest today', '0-10', 0, 0, 10),
  painAboveUsual: number('Pain above the usual', 'points', 0, -10, 10),
  dayFeel: { kind: 'enum', label: 'Feels today', values: ['well', 'a-bit-off', 'unwell'], default: 'well' },
  screenOutcome: {
    kind: 'enum',
    label: 'Where the health questions stand',
    values: ['never', 'go', 'limits', 'clearance-first', 'not-today', 'emergency'],
    default: 'never',
  },
  latexAllergy: flag('Allergic to latex', false),
  dualSensoryLoss: flag('Severe loss of sight and of hearing', false),
  dizzyNow: flag('Dizzy now', false),
  feverNow: flag('Fever now', false),
  chestPainNow: flag('Chest pain or pressure now', false),
  newBreathless: flag('New breathlessness', false),
} as const satisfies Record<string, FieldDefinition>

export const CONDITION_FIELDS = {
  variant: { kind: 'enum', label: 'Stage or kind', values: [] as string[], default: '' },
  cleared: flag('Valid written clearance on file', false),
  weeks: number('Completed weeks since the operation, injury, diagnosis or birth', 'weeks', 0, 0, 5000),
  side: { kind: 'enum', label: 'Side', values: ['left', 'right', 'both'], default: 'both' },
  painToday: number('Pain from it today', '0-10', 0, 0, 10),
  maxMet: number('Training ceiling', 'MET', 4, 1, 20),
  painFreeElevDeg: number('Pain-free arm lift', 'deg', 60, 0, 180),
  footWeak: flag('Foot is weak', true),
  orthopnoea: flag('Breathless lying flat', true),
  hypoUnaware: flag('Does not feel low sugar coming', true),
  onOxygen: flag('Uses oxygen', false),
  offNow: flag('Medicine worn off now', false),
  trunkControlLow: flag('Little control of the trunk', true),
  heatSensitive: flag('Worse in heat', true),
  ulcer: flag('Open foot wound', false),
  standingOk: flag('Stands safely', false),
  jointAffected: flag('The joint itself is affected', true),
  severeHypo24h: flag('Severe low sugar in the last 24 hours', false),
  symptomatic: flag('Has the warning signs of this condition', false),
  handsNumb: flag('Numb hands', true),
} as const satisfies Record<string, FieldDefinition>

/** `change`: what is said when a rule asks for this of the session, not of the movement (rule base 0.3.3). */
export const SESSION_FIELDS = {
  supportInReach: { ...flag('Wall, heavy chair or rail within reach', false), change: 'A heavy chair or the wall within an arm’s length first.' },
  roomTempC: {
    ...number('Room temperature', '°C', 21, -10, 50),
    change: 'Bring the room to the temperature named, or take the seated version.',
  },
  seatedBlockMin: {
    ...number('Unbroken minutes seated', 'min', 0, 0, 240),
    change: 'First up, or weight off the seat, for a minute.',
  },
  standingBlockMin: {
    ...number('Unbroken minutes standing', 'min', 0, 0, 240),
    change: 'First sit for two minutes, leaning forward; then this one.',
  },
  minSinceAerobic: {
    ...number('Minutes since work at effort 4 or more', 'min', 99, 0, 240),
    change: 'Ten easy minutes upright first; lie down after that.',
  },
  hour: { ...number('Hour of the day', 'h', 11, 0, 23), change: '' },
  barefoot: { ...flag('Barefoot', false), change: 'Shoes on for the standing part.' },
  instructorRatio: {
    ...number('People to one leader or helper', 'people', 12, 0, 60),
    change: 'A helper beside this person: no more than four people to one leader.',
  },
} as const satisfies Record<string, FieldDefinition & { change: string }>
export type SessionName = keyof typeof SESSION_FIELDS
export const SESSION_NAMES = Object.keys(SESSION_FIELDS) as SessionName[]

type FieldValue<D> = D extends { kind: 'flag' } ? boolean : D extends { kind: 'enum' } ? string : number
export type PersonFields = { [K in keyof typeof PERSON_FIELDS]: FieldValue<(typeof PERSON_FIELDS)[K]> }
export type ConditionFields = { [K in keyof typeof CONDITION_FIELDS]: FieldValue<(typeof CONDITION_FIELDS)[K]> }
export type SessionFields = { [K in keyof typeof SESSION_FIELDS]: FieldValue<(typeof SESSION_FIELDS)[K]> }

const NAMESPACES = { p: PERSON_FIELDS, c: CONDITION_FIELDS, s: SESSION_FIELDS } as const
export type Namespace = keyof typeof NAMESPACES

export function contextField(namespace: Namespace, name: string): FieldDefinition | undefined {
  const table: Record<string, FieldDefinition> = NAMESPACES[namespace]
  return Object.hasOwn(table, name) ? table[name] : undefined
}

const defaultsOf = <T>(table: Record<string, FieldDefinition>) =>
  Object.fromEntries(Object.entries(table).map(([name, field]) => [name, field.default])) as T

export const sessionDefaults = (): SessionFields => defaultsOf<SessionFields>(SESSION_FIELDS)
export const conditionDefaults = (): ConditionFields => defaultsOf<ConditionFields>(CONDITION_FIELDS)
/** Everything but the age, which has no default. */
export const personDefaults = (): Omit<PersonFields, 'age'> => {
  const { age: _age, ...rest } = defaultsOf<PersonFields>(PERSON_FIELDS)
  return rest
}

/** The session as numbers, in the order of `SESSION_NAMES`: the form that compiled rules read. */
export const encodeSession = (session: SessionFields): Float64Array => Float64Array.from(SESSION_NAMES, (name) => Number(session[name]))
export const SESSION_SLOT = Object.fromEntries(SESSION_NAMES.map((name, index) => [name, index])) as Record<SessionName, number>
