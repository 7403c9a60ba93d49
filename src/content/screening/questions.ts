import type { ScreeningOption, ScreeningQuestion } from '@/core/client'

/** The questions of the rule base, 4.1 and 4.2, in plain words. Each answer leads somewhere; skipping counts as the cautious answer. */
const no: ScreeningOption = { value: 'no', text: 'No', outcome: 'go' }
const option = (value: string, text: string, outcome: ScreeningOption['outcome'], rest: Partial<ScreeningOption> = {}): ScreeningOption => ({
  value,
  text,
  outcome,
  ...rest,
})
const LETTER = 'A written agreement from your clinician comes first.'

export const QUESTIONS: readonly ScreeningQuestion[] = [
  {
    id: 'G1',
    section: 'general',
    text: 'Has anybody who treats you said that you have a heart, blood-vessel or circulation problem, a pacemaker or a shock device, or that you should only do exercise they recommend?',
    options: [no, option('yes', 'Yes', 'clearance', { says: LETTER })],
  },
  {
    id: 'G2',
    section: 'general',
    text: 'In the last three months: pain, pressure or tightness in chest, jaw or arm, resting or moving?',
    options: [
      no,
      option('before', 'Yes, some time in these months', 'clearance', { says: LETTER }),
      option('now', 'Yes, right now', 'emergency', { says: 'Call your local emergency number.' }),
    ],
  },
  {
    id: 'G3',
    section: 'general',
    text: 'In the last twelve months: a faint, nearly one, or dizziness that made you hold on?',
    options: [
      no,
      option('rising', 'Yes; it was explained: pressure drops when I stand up', 'limits', { proposes: ['orthostatic-hypotension'] }),
      option('ear', 'Yes; it was explained: the inner ear', 'limits', { proposes: ['vertigo-bppv'] }),
      option('open', 'Yes; nobody knows why', 'clearance', { says: LETTER }),
    ],
  },
  {
    id: 'G4',
    section: 'general',
    text: 'Are you more breathless on the flat than people of your age, or do you wheeze?',
    options: [
      no,
      option('copd', 'Yes; I have COPD', 'limits', { proposes: ['copd'] }),
      option('asthma', 'Yes; I have asthma', 'limits', { proposes: ['asthma'] }),
      option('heart', 'Yes; it is my heart', 'clearance', { proposes: ['heart-failure-stable'], says: LETTER }),
      option('new', 'Yes; it is new', 'clearance', { says: LETTER }),
    ],
  },
  {
    id: 'G5',
    section: 'general',
    text: 'High blood pressure, or tablets for it? What was the last reading?',
    options: [
      no,
      option('controlled', 'Yes; last under 160 over 100', 'limits', { proposes: ['hypertension-controlled'] }),
      option('high', 'Yes; last 160 over 100 or more', 'clearance', { proposes: ['hypertension-uncontrolled'], says: LETTER }),
      option('severe', 'Yes; last 180 over 110 or more', 'not-today', {
        proposes: ['hypertension-uncontrolled'],
        says: 'No exercise; medical advice today.',
      }),
    ],
  },
  {
    id: 'G6',
    section: 'general',
    text: 'Diabetes? Do you take insulin or tablets that can make sugar drop? Any trouble with eyes, feet or nerves from it?',
    options: [
      no,
      option('plain', 'Yes; nothing that makes sugar drop, no trouble', 'go'),
      option('hypo-feel', 'Yes; insulin or such tablets, and I feel low sugar coming', 'limits', { proposes: ['diabetes-hypoglycaemia-risk'] }),
      option('hypo-blind', 'Yes; insulin or such tablets, and I do not feel it coming', 'clearance', {
        proposes: ['diabetes-hypoglycaemia-risk'],
        says: LETTER,
      }),
      option('feet', 'Yes; and numb or sore feet', 'limits', { proposes: ['peripheral-neuropathy'] }),
      option('eyes', 'Yes; and trouble with the eyes', 'limits', { proposes: ['diabetic-retinopathy'] }),
    ],
  },
  {
    id: 'G7',
    section: 'general',
    text: 'Have you broken a bone from a small fall or lift, become shorter, or been told that your bones are thin?',
    options: [
      no,
      option('thin', 'Told that they are a little thin', 'limits', { proposes: ['osteopenia'] }),
      option('osteoporosis', 'Told that it is osteoporosis', 'limits', { proposes: ['osteoporosis'] }),
      option('spine', 'A bone of the spine broke, or I became shorter', 'clearance', { proposes: ['osteoporosis-vertebral-fracture'], says: LETTER }),
      option('hip', 'Hip or pelvis broke', 'limits', { proposes: ['hip-fracture'] }),
      option('arm', 'Arm or wrist broke', 'limits', { proposes: ['arm-fracture-healing'] }),
    ],
  },
  {
    id: 'G8',
    section: 'general',
    text: 'A joint replacement, an operation on the spine, another operation or a serious injury in the last twelve months?',
    options: [
      no,
      option('over12', 'Yes, more than twelve weeks ago', 'limits', { proposes: ['recent-surgery'] }),
      option('under12', 'Yes, within the last twelve weeks', 'clearance', { proposes: ['recent-surgery'], says: LETTER }),
    ],
  },
  {
    id: 'G9',
    section: 'general',
    text: 'Have you fallen in the last twelve months, or do you leave things undone for fear of falling?',
    options: [
      no,
      option('yes', 'Yes', 'limits', { proposes: ['falls-history'] }),
      option('faint', 'Yes, with a faint or without any reason', 'clearance', { proposes: ['falls-history'], says: LETTER }),
    ],
  },
  {
    id: 'G10',
    section: 'general',
    text: 'A condition of nerves, brain or memory: stroke, Parkinson’s, multiple sclerosis, fits, forgetfulness?',
    options: [
      no,
      option('parkinsons', 'Parkinson’s', 'limits', { proposes: ['parkinsons'] }),
      option('ms', 'Multiple sclerosis', 'limits', { proposes: ['multiple-sclerosis'] }),
      option('stroke', 'Stroke', 'clearance', { proposes: ['stroke-hemiparesis'], says: LETTER }),
      option('fits', 'Fits', 'clearance', { proposes: ['epilepsy'], says: `${LETTER} With fits in the last six months.` }),
      option('memory', 'Forgetfulness or dementia', 'limits', { proposes: ['mild-cognitive-impairment'] }),
      option('other', 'Another one', 'clearance', { says: LETTER }),
    ],
  },
  {
    id: 'G11',
    section: 'general',
    text: 'Cancer now or in the last five years? Has it gone to a bone, are blood counts low?',
    options: [
      no,
      option('yes', 'Yes; not in a bone, counts are fine', 'limits', { proposes: ['cancer-treatment'] }),
      option('bone', 'Yes; in a bone', 'clearance', { proposes: ['bone-metastases'], says: LETTER }),
      option('counts', 'Yes; counts are low', 'clearance', { proposes: ['cancer-treatment'], says: LETTER }),
    ],
  },
  {
    id: 'G12',
    section: 'general',
    text: 'Anything else we should know: medicines for heart, blood, sugar or sleep, steroids, pain for over three months, tiredness that is worse the day after effort?',
    options: [
      no,
      option('steroid', 'Steroids for more than three months', 'limits', {
        proposes: ['osteopenia'],
        says: 'Bones are treated as thin until they are known.',
      }),
      option('pem', 'Tiredness that is worse the day after effort', 'limits', { proposes: ['me-cfs-pem'] }),
      option('beta', 'A beta-blocker', 'limits', { proposes: ['beta-blocker'] }),
      option('thinner', 'A blood thinner', 'limits', { proposes: ['anticoagulants'] }),
      option('pain', 'Pain in many places for over three months', 'limits', { proposes: ['fibromyalgia'] }),
      option('other', 'Something else', 'limits', { says: 'Please tell the instructor.' }),
    ],
  },
  {
    id: 'G13',
    section: 'general',
    text: 'Can you get up from an ordinary chair without your hands? Can you get down to the floor and up again?',
    options: [
      option('both', 'Both', 'go', { sets: { riseNoHands: true } }),
      option('chair', 'From the chair; not from the floor', 'limits', {
        sets: { riseNoHands: true, floorTransferOk: false },
        says: 'No floor work.',
      }),
      option('neither', 'Neither without help', 'limits', {
        proposes: ['frailty'],
        sets: { riseNoHands: false, floorTransferOk: false },
        says: 'No floor work.',
      }),
    ],
  },
  {
    id: 'G14',
    section: 'general',
    text: 'Do you move for at least half an hour on three days a week? Is there a known disease of heart, metabolism or kidneys?',
    options: [
      option('active', 'I do', 'go'),
      option('inactive', 'I do not; no such disease', 'limits', { proposes: ['deconditioned-new'] }),
      option('inactive-disease', 'I do not, and there is such a disease', 'clearance', { says: LETTER }),
    ],
  },
  {
    id: 'W1',
    section: 'pregnancy',
    text: 'How many babies?',
    options: [
      option('one', 'One', 'go'),
      option('twins-before', 'Two, before week 28', 'limits'),
      option('twins-after', 'Two, from week 28', 'clearance', { proposes: ['pregnancy-relative-contraindication'], says: LETTER }),
      option('three', 'Three or more', 'clearance', {
        proposes: ['pregnancy-absolute-contraindication'],
        says: 'Not in class; your maternity team leads this.',
      }),
    ],
  },
  {
    id: 'W2',
    section: 'pregnancy',
    text: 'Bleeding now or in this pregnancy that has not been explained?',
    options: [
      no,
      option('yes', 'Yes', 'not-today', { says: 'Please call your maternity unit.' }),
      option('again', 'Yes, again and again', 'clearance', {
        proposes: ['pregnancy-absolute-contraindication'],
        says: 'Not in class; your maternity team leads this.',
      }),
      option('heavy', 'Heavy, or with pain, now', 'emergency', { says: 'Call your maternity unit or the emergency number now.' }),
    ],
  },
  {
    id: 'W3',
    section: 'pregnancy',
    text: 'Fluid leaking, or regular painful tightenings before week 37?',
    options: [no, option('yes', 'Yes', 'not-today', { says: 'Call your maternity unit now.' })],
  },
  {
    id: 'W4',
    section: 'pregnancy',
    text: 'High blood pressure, protein in the urine, a severe headache, changed sight, pain in the upper belly or sudden swelling?',
    options: [
      no,
      option('known', 'Known; nothing today', 'clearance', { proposes: ['pregnancy-relative-contraindication'], says: LETTER }),
      option('now', 'Such signs today', 'emergency', { says: 'Call your maternity unit or the emergency number now.' }),
    ],
  },
  {
    id: 'W5',
    section: 'pregnancy',
    text: 'A low placenta, a weak cervix or a stitch, an early birth before, repeated losses, a small baby on the scan?',
    options: [
      no,
      option('earlier', 'An early birth or losses before', 'clearance', { proposes: ['pregnancy-relative-contraindication'], says: LETTER }),
      option('now', 'Low placenta after week 28, weak cervix, stitch, or a small baby', 'clearance', {
        proposes: ['pregnancy-absolute-contraindication'],
        says: 'Not in class; your maternity team leads this.',
      }),
    ],
  },
  {
    id: 'W6',
    section: 'pregnancy',
    text: 'A disease of heart, lungs, thyroid or kidneys, type 1 diabetes, anaemia that you feel, an eating disorder?',
    options: [
      no,
      option('stable', 'Mild and stable', 'clearance', { proposes: ['pregnancy-relative-contraindication'], says: LETTER }),
      option('serious', 'Serious or not under control', 'clearance', {
        proposes: ['pregnancy-absolute-contraindication'],
        says: 'Not in class; your maternity team leads this.',
      }),
    ],
  },
  {
    id: 'W7',
    section: 'pregnancy',
    text: 'From about week 24: does the baby move less than usual today?',
    options: [no, option('yes', 'Yes', 'emergency', { says: 'Call your maternity unit now; no class.' })],
  },
  {
    id: 'W8',
    section: 'pregnancy',
    text: 'Pain at the front or back of the pelvis, or when you turn in bed?',
    options: [no, option('yes', 'Yes', 'limits', { proposes: ['pelvic-girdle-pain'] })],
  },
  {
    id: 'W9',
    section: 'after-birth',
    text: 'After the birth: a severe tear, a heavy bleed, trouble with a wound or a clot? Was there a check after six to eight weeks?',
    options: [
      option('fine', 'None of these; checked', 'go'),
      option('unchecked', 'None of these; not checked yet', 'clearance', { says: LETTER }),
      option('trouble', 'One of these', 'clearance', { says: LETTER }),
    ],
  },
  {
    id: 'W10',
    section: 'after-birth',
    text: 'A leak, heaviness, a bulge, a ridge along the belly, or a low mood that worries you or others?',
    options: [
      no,
      option('leak', 'A leak or heaviness', 'limits', { proposes: ['pelvic-floor-dysfunction'] }),
      option('ridge', 'A ridge along the belly', 'limits', { proposes: ['diastasis-recti'] }),
      option('bulge', 'A bulge at or beyond the opening', 'clearance', { proposes: ['pelvic-floor-dysfunction'], says: LETTER }),
      option('mood', 'A low mood', 'limits', { says: 'Please talk to your midwife, health visitor or doctor soon.' }),
      option('harm', 'Thoughts of harming myself or the baby', 'emergency', { says: 'You are not alone: we stay with you and get help now.' }),
    ],
  },
]
