/** Stop-now signs and what to do (rule base 4.5), and what follows when somebody speaks of harming themselves (4.6). */

export const STOP_GROUP =
  'Stop the whole group when: any sign of list A (thoughts of self-harm: go aside quietly, 4.6, somebody else takes the group); anybody is on the floor who did not mean to be; you have to leave your place or cannot see the others; two people feel unwell within a few minutes (heat, air, gas: open, get everybody out); or the person affected needs room or quiet. Everybody comes to a safe place and sits; somebody you name keeps an eye on them. List B of one person who sits safely beside you: the group goes on easily with marching or breathing, never with free balance, floor or heavy work.'

export const STOP_FIRST = "These steps do not replace first-aid training, your venue's plan or what the emergency line tells you; those come first."

export const STOP_STEPS = [
  'Safe? Stop the person. Look for danger to you and the others (gas, electricity, water, moving things). Gas or smoke: everybody out, ring from outside.',
  'Look and speak. Does the person answer? Breathe normally (gasping is not normal)? Colour? Bleeding?',
  'No answer and no normal breathing: ring the local emergency number on loudspeaker, send for the defibrillator, start chest compressions at once, use the defibrillator as soon as it is there. No answer but normal breathing: on the side, head tilted back, ring, watch the breathing. Strong bleeding: press hard on it, ring.',
  'Any other sign of list A: ring the local emergency number now, send somebody to the door and for first-aid kit and defibrillator. Do not drive the person yourself, do not leave them alone.',
  'Position. Chest pain: sitting, leaning back, knees bent. Breathless: sitting up. Faint, without chest pain, breathlessness or injury: lying, legs raised. Pregnant over 20 weeks: left side instead of flat. Vomiting or drowsy: on the side. Pounding headache with an injury of the spinal cord: sitting up, loosen everything tight. Do not move a person who has fallen and cannot stand, has a leg that is short or turned, or has neck or back pain: keep them still and warm where they lie, head as found (only if breathing is not normal does step 3 come before this).',
  'Own emergency medicine: help the person take their own prescribed reliever, spray, adrenaline pen or sugar if awake and able to swallow. Low sugar: 15-20 g of fast sugar, again after 10-15 minutes. Give no other medicine, nothing to eat or drink after a stroke sign, a head hit or with drowsiness, unless the emergency line says so. Fit: protect the head, time it, hold nobody down, nothing in the mouth, afterwards on the side.',
  "List B: stop this person's exercise for today, sit, watch 10 min, do not let them go home alone or drive, tell a relative or clinician; return only after the advice named there, or when a clinician has said so.",
  'List C: stop that movement only, change version, watch.',
  'Note time, what happened, what was done. Review the record and clearance before the next class.',
] as const

export const STOP_LISTS = [
  {
    id: 'A',
    title: 'Emergency',
    signs: [
      'chest pressure or pain, jaw/arm pain with sweat',
      'collapse',
      'faint during effort, or without full recovery in 2 min lying down, or with chest pain, palpitations or pregnancy',
      'dizziness that does not settle in 10 min of rest',
      'face droop, arm weakness, speech change',
      'sudden severe headache',
      'breathlessness at rest or cannot speak',
      'blue lips',
      'fit over 5 min or first fit',
      'low glucose with drowsiness, odd behaviour or not able to swallow, or not above 4.0 mmol/L 15 min after fast sugar',
      'wheeze that does not settle in 10 min with the own reliever',
      'palpitations that do not settle in 5 min of sitting, or with faintness or chest pain',
      'sudden breathlessness with a swollen or painful calf',
      'sudden loss of sight or sudden confusion',
      'severe bleeding',
      'head hit on blood thinners, or head hit with vomiting, drowsiness, confusion or any loss of consciousness',
      'a fall after which the person cannot stand, has a short or turned leg, or neck or back pain (do not move)',
      'new leg weakness with saddle numbness or bladder/bowel change',
      'tearing chest, back or belly pain',
      'defibrillator shock twice or unwell after one',
      'pounding headache with flushing in spinal cord injury at or above T6',
      'in pregnancy vaginal bleeding, fluid loss, reduced baby movements or regular painful tightenings before week 37 (maternity emergency: ring the emergency line of the maternity unit at once; heavy bleeding, faint or strong pain: the emergency number)',
      'severe headache, changed sight or upper-belly pain in pregnancy and in the 6 weeks after birth',
      'heavy bleeding after birth (a pad soaked in an hour or less, large clots)',
      'thoughts of self-harm or of harming the baby that the person might act on (stay with the person, 4.6)',
      'one leg suddenly cold and white',
      'hip replacement with sudden short or turned leg and no weight-bearing',
      'allergic reaction with swelling or wheeze',
    ],
  },
  {
    id: 'B',
    title: 'Stop for today',
    signs: [
      'palpitations that settle within 5 min',
      'faint with full recovery within 2 min (medical advice today)',
      'dizziness that settles within 10 min',
      'new wheeze that settles with own reliever',
      'calf pain or swelling (urgent same-day check)',
      'joint giving way',
      'wound change',
      'unusual fatigue',
      'glucose under 4.0 mmol/L while awake and swallowing, back above 4.0 after sugar (under 3.0: somebody stays with them for an hour, diabetes team today)',
      'head hit with none of the signs of list A (not alone for 24 h; aged 65 or over: medical advice today)',
      'pain jump of 3 or more',
      'fall without injury',
      'painful tightenings from week 37 on (ring the maternity unit)',
      'spinning',
    ],
  },
  {
    id: 'C',
    title: 'Change the movement',
    signs: [
      'pain up to 5 that rises during the movement',
      'tingling that stops when you move',
      'coning of the belly',
      'leak',
      'breath-holding',
      'loss of form',
      'fatigue of the muscle',
    ],
  },
] as const

export const HARM_STEPS = [
  'Might act on it, has a plan, hears or sees things, or a baby is in danger: stay with the person (and the baby), do not leave them alone, ring the emergency number or the local crisis line together, ask whom to call. After birth this is a maternity emergency. Filled in away from the class: the page says that nobody is reading it now, shows both numbers with one press to ring, and asks "Who can be with you now?"; the person who asks follows up as soon as they see it, and rings the emergency number if they cannot reach the person.',
  'Thoughts, but safe today: thank the person, listen, do not promise secrecy about danger, give the crisis number and the name of a doctor or midwife to ring today, ask permission to ring together, ask again next time. Frightening thoughts about the baby are common, and talking about them is safe. Class is open.',
  'Somebody says it in the class or afterwards: go aside with them, ask plainly, do as under 1 or 2. You do not need to find the right words; staying counts.',
  'No, or skipped: nothing follows, nothing is stored; the numbers stand on the page for everybody.',
] as const
