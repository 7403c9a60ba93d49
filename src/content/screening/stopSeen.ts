import type { STOP_LISTS } from './stopSigns'

/** Whom to ring: the emergency number, the maternity unit, the crisis line. */
export type RingWhom = 'emergency' | 'maternity' | 'crisis'

/** What one sees when somebody stops, and what to do then: few, large, plain. The words are those of rule base 4.5 and 4.6. */
export interface StopSeen {
  key: string
  seen: string
  /** the list of 4.5 that it belongs to; `look` = it decides itself by what follows */
  list: (typeof STOP_LISTS)[number]['id'] | 'look'
  ring?: RingWhom
  /** the whole group stops */
  group: boolean
  steps: readonly string[]
}

const RING = 'Ring the emergency number now, on loudspeaker.'
const DOOR = 'Send somebody to the door, and for first-aid kit and defibrillator.'
const STAY = 'Do not leave them alone. Do not drive them yourself.'
const WATCH = 'Watch for ten minutes. Not home alone, no driving; tell a relative or a clinician.'

export const STOP_SEEN: readonly StopSeen[] = [
  {
    key: 'no-answer',
    seen: 'No answer, or not breathing normally',
    list: 'A',
    ring: 'emergency',
    group: true,
    steps: [
      'Gasping is not normal breathing.',
      RING,
      'Not breathing normally: chest compressions at once. Send for the defibrillator, use it as soon as it is there.',
      'Breathing normally but no answer: on the side, head tilted back. Watch the breathing.',
      'Send somebody to the door.',
    ],
  },
  {
    key: 'chest',
    seen: 'Chest pain, pressure, grey or sweating',
    list: 'A',
    ring: 'emergency',
    group: true,
    steps: ['Sit them down, leaning back, knees bent.', RING, DOOR, 'Help them take their own spray if they have one and are awake.', STAY],
  },
  {
    key: 'stroke',
    seen: 'Face drops, arm weak, speech wrong, sudden confusion',
    list: 'A',
    ring: 'emergency',
    group: true,
    steps: [RING, 'Note the time it began.', DOOR, 'Nothing to eat or drink. Vomiting or drowsy: on the side.', STAY],
  },
  {
    key: 'breath',
    seen: 'Cannot get breath, blue lips, wheeze, swelling face',
    list: 'A',
    ring: 'emergency',
    group: true,
    steps: [
      'Sit them up.',
      'Help them take their own reliever or adrenaline pen.',
      'Breathless at rest, blue lips, cannot speak, swelling, or a wheeze that does not settle in ten minutes with the own reliever: ring the emergency number.',
      DOOR,
      STAY,
    ],
  },
  {
    key: 'fallen',
    seen: 'Somebody has fallen',
    list: 'look',
    group: true,
    steps: [
      'Do not lift them. Look and speak: do they answer, breathe, bleed?',
      'Cannot stand, leg short or turned, neck or back pain, head hit on blood thinners, or head hit with vomiting, drowsiness or confusion: ring the emergency number, keep them still and warm where they lie.',
      'None of these: help them up by way of a chair when they are ready. No more exercise today.',
      'Head hit: not alone for 24 hours; aged 65 or over, medical advice today.',
      WATCH,
    ],
  },
  {
    key: 'faint',
    seen: 'Faint, dizzy, racing heart',
    list: 'look',
    group: false,
    steps: [
      'Dizzy: sit. Fainted, without chest pain, breathlessness or injury: lie flat, legs raised. Pregnant over 20 weeks: left side.',
      'Fainted in effort, with chest pain, palpitations or pregnancy, or not fully back in two minutes: ring the emergency number.',
      'Palpitations that do not settle in five minutes of sitting, dizziness that does not in ten: ring.',
      'Settled: stops for today. After a faint, medical advice today.',
      WATCH,
    ],
  },
  {
    key: 'fit',
    seen: 'A fit',
    list: 'look',
    group: true,
    steps: [
      'Protect the head. Time it. Hold nobody down, nothing in the mouth.',
      'First fit, or over five minutes: ring the emergency number.',
      'Afterwards on the side. Watch the breathing.',
      STAY,
    ],
  },
  {
    key: 'sugar',
    seen: 'Shaky, sweating, odd: low sugar',
    list: 'look',
    group: false,
    steps: [
      'Awake and able to swallow: 15 to 20 g of fast sugar.',
      'Measure again after 10 to 15 minutes; sugar again when under 4.0.',
      'Drowsy, odd behaviour, cannot swallow, or not above 4.0 fifteen minutes after sugar: ring the emergency number. Nothing by mouth.',
      'Was under 3.0: somebody stays for an hour; diabetes team today.',
      'No more exercise today.',
    ],
  },
  {
    key: 'bleeding',
    seen: 'Bleeding hard, or head hit',
    list: 'look',
    group: true,
    steps: [
      'Strong bleeding: press hard on it. Ring the emergency number.',
      'Head hit on blood thinners, or with vomiting, drowsiness, confusion or any loss of consciousness: ring.',
      'Nothing to eat or drink after a head hit.',
      'None of these: not alone for 24 hours; aged 65 or over, medical advice today.',
    ],
  },
  {
    key: 'pregnant',
    seen: 'Pregnant or after birth: bleeding, fluid, pain, headache',
    list: 'A',
    ring: 'maternity',
    group: true,
    steps: [
      'Left side or sitting, not flat.',
      'Bleeding, fluid, the baby moving less, regular tightenings before week 37: ring the maternity unit at once.',
      'Heavy bleeding, faint or strong pain: ring the emergency number.',
      'Severe headache, changed sight or pain in the upper belly: ring.',
      STAY,
    ],
  },
  {
    key: 'harm',
    seen: 'Speaks of harming themselves',
    list: 'A',
    ring: 'crisis',
    group: false,
    steps: [
      'Go aside with them quietly. Somebody else takes the group.',
      'Ask plainly. Stay; you do not need to find the right words.',
      'Might act on it, has a plan, hears or sees things, or a baby is in danger: do not leave them. Ring the emergency number or the crisis line together.',
      'Thoughts, but safe today: give the crisis number and whom to ring today; ask again next time.',
    ],
  },
  {
    key: 'pain',
    seen: 'Pain, a joint gives way, unusual tiredness',
    list: 'B',
    group: false,
    steps: [
      'Stop this person’s exercise for today. Sit.',
      'Pain that jumped by 3 or more, a joint that gives way, calf pain or swelling: no more today; a calf is looked at the same day.',
      'Pain up to 5 that rises in one movement only: leave that movement, take a gentler version, watch.',
      WATCH,
    ],
  },
]
