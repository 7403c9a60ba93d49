import {
  ATTRIBUTE_NAMES,
  type AttributeName,
  attribute,
  BASE_POSITIONS,
  decodeValue,
  encodeValue,
  FAMILIES,
  familyOf,
  type PlannedDemands,
  SLOT,
} from '../movement/demands'
import { SESSION_FIELDS, SESSION_NAMES, SESSION_SLOT, type SessionName } from './fields'
import { holds, type Residual, type Scene } from './residual'

/** A change of the movement: by word, by a prop in reach, or by a smaller dose. */
export interface Change {
  attribute: AttributeName
  from: string | number | boolean
  to: string | number | boolean
}

/** A change of the session for one person, with the words for it (rule base 0.3.3). */
export interface SessionChange {
  field: SessionName
  from: number
  to: number
  say: string
}

/** What can be done about hand support: whether there is any, and how many hands of the variant are free to take it. */
export interface Support {
  freeHands: (scene: Scene) => number
}

const STANDING: readonly string[] = FAMILIES.standing
const CHAIR: readonly string[] = ['seated-back-supported', 'seated-unsupported']
const HANDS_ASKED: Record<string, number> = { 'standing-free': 0, 'standing-one-hand': 1, 'standing-two-hand': 2 }
const baseIn = (scene: Scene) => BASE_POSITIONS[scene.demands[SLOT.basePosition]!]!

/** The position may move inside the standing family, as far as hands and room allow, and between the two ways of sitting on a chair. */
function canTakeBase(scene: Scene, base: string, support: Support): boolean {
  const now = baseIn(scene)
  if (CHAIR.includes(base)) return CHAIR.includes(now)
  if (!STANDING.includes(base) || !STANDING.includes(now)) return false
  const asked = HANDS_ASKED[base]!
  return asked === 0 || (scene.session[SESSION_SLOT.supportInReach] === 1 && support.freeHands(scene) >= asked)
}

/** A value that `x != v` is moved to (0.3.2). */
function otherThan(name: AttributeName): number | undefined {
  if (name === 'basePosition') return encodeValue(name, 'standing-one-hand')
  if (name === 'travel') return encodeValue(name, 'on-spot')
  const { neutral } = attribute(name)
  return neutral === null ? undefined : encodeValue(name, neutral)
}

function setValue(scene: Scene, name: AttributeName, value: number | undefined, support: Support): boolean {
  if (value === undefined) return false
  const definition = attribute(name)
  const slot = SLOT[name]
  if (name === 'basePosition') {
    if (!canTakeBase(scene, BASE_POSITIONS[value]!, support)) return false
  } else if (definition.tune === 'structural' || (definition.tune === 'downward' && value > scene.demands[slot]!)) return false
  scene.demands[slot] = value
  return true
}

/** The first value of the list that can be taken; for travel, staying on the spot where it is listed. */
function setOneOf(scene: Scene, { reads, codes }: Extract<Residual, { kind: 'oneOf' }>, support: Support): boolean {
  const spot = reads === 'travel' ? encodeValue(reads, 'on-spot') : undefined
  const ranked = spot !== undefined && codes.includes(spot) ? [spot] : codes
  return ranked.some((code) => setValue(scene, reads, code, support))
}

const copyOf = (scene: Scene): Scene => ({ demands: scene.demands.slice(), session: scene.session.slice() })
const write = (from: Scene, to: Scene) => {
  to.demands.set(from.demands)
  to.session.set(from.session)
}

/** Makes one `must` true in the scene where it can (0.3.2 steps 1 and 2); what was made of it before it failed stays. */
function make(must: Residual, scene: Scene, support: Support): boolean {
  if (holds(must, scene)) return true
  switch (must.kind) {
    case 'constant':
      return false
    case 'and':
      return must.parts.every((part) => make(part, scene, support))
    case 'or':
      return must.parts.some((part) => {
        const attempt = copyOf(scene)
        if (!make(part, attempt, support) || !holds(part, attempt)) return false
        write(attempt, scene)
        return true
      })
    case 'oneOf':
      if (must.fixed) return false
      return must.negated ? setValue(scene, must.reads, otherThan(must.reads), support) : setOneOf(scene, must, support)
    case 'test': {
      // a strict bound is left by one: every quantity here is whole or judged no finer
      const value = must.op === '<' ? must.value - 1 : must.op === '>' ? must.value + 1 : must.value
      if (must.reads.startsWith('s.')) {
        scene.session[SESSION_SLOT[must.reads.slice(2) as SessionName]] = must.op === '!=' ? 1 - must.value : value
        return true
      }
      const name = must.reads as AttributeName
      if (must.op !== '!=') return setValue(scene, name, value, support)
      return setValue(scene, name, attribute(name).kind === 'flag' ? 1 - must.value : otherThan(name), support)
    }
  }
}

/** Times that the musts are gone through again from the first, when making a later one has undone an earlier one. */
const AGAIN = 5

/** Makes every `must` true in the scene, in order (0.3.2); false when one stays untrue. */
export function makeAll(musts: readonly Residual[], scene: Scene, support: Support): boolean {
  for (let pass = 0; pass <= AGAIN; pass++) {
    for (const must of musts) make(must, scene, support)
    if (musts.every((must) => holds(must, scene))) return true
  }
  return false
}

/** What differs between two scenes, in the order of the attributes. */
export function changesBetween(planned: Scene, settled: Scene): { changes: Change[]; sessionChanges: SessionChange[] } {
  const changes: Change[] = []
  const sessionChanges: SessionChange[] = []
  // plain loops: this runs for every adjusted variant of every person
  for (let slot = 0; slot < ATTRIBUTE_NAMES.length; slot++) {
    const from = planned.demands[slot]!
    const to = settled.demands[slot]!
    if (from === to) continue
    const name = ATTRIBUTE_NAMES[slot]!
    changes.push({ attribute: name, from: decodeValue(name, from), to: decodeValue(name, to) })
  }
  for (let slot = 0; slot < SESSION_NAMES.length; slot++) {
    const from = planned.session[slot]!
    const to = settled.session[slot]!
    if (from === to) continue
    const field = SESSION_NAMES[slot]!
    sessionChanges.push({ field, from, to, say: SESSION_FIELDS[field].change })
  }
  return { changes, sessionChanges }
}

/** The planned demands after the changes. */
export const withChanges = (planned: PlannedDemands, changes: readonly Change[]): PlannedDemands => ({
  ...planned,
  ...Object.fromEntries(changes.map((change) => [change.attribute, change.to])),
})

/** Position family of a scene. */
export const familyIn = (scene: Scene) => familyOf(baseIn(scene))
