import type { HouseRule, HouseRules } from '@/core/vocabulary'

interface Choice {
  label: string
  /** why somebody does it so */
  because: string
  /** what is said of a movement that it concerns; nothing to say when left out */
  say?: string
}

/** House rules in words, each choice with its reason. All of them are ways in which practitioners differ, and none is a rule of safety. */
export const HOUSE_RULE_WORDS: { [K in HouseRule]: { title: string; choices: Record<HouseRules[K], Choice> } } = {
  impactInPregnancy: {
    title: 'Hops and jumps while somebody is pregnant',
    choices: {
      none: {
        label: 'left out, offered last',
        because: 'A step or a heel raise trains the same legs, and nobody has to ask for it.',
        say: 'Pregnant: heels down, step in place of the hop.',
      },
      'as-judged': { label: 'as each person’s rules say', because: 'Whoever has trained so before may go on where nothing stands against it.' },
    },
  },
  abdominalWork: {
    title: 'Belly work',
    choices: {
      'breath-first': {
        label: 'breath and deep belly first',
        because: 'Pressure that is held pushes outwards and down; the breath out comes before the effort.',
        say: 'Breathe out, draw in, then move; stop where the belly domes.',
      },
      'as-planned': { label: 'as planned', because: 'The rules of each person decide already who does what.' },
    },
  },
  lyingFlat: {
    title: 'Lying on the back',
    choices: {
      raised: {
        label: 'a wedge lies ready for everybody',
        because: 'Reflux, breath and late pregnancy are easier with the chest raised, and nobody is singled out.',
        say: 'A wedge for whoever wants the chest higher.',
      },
      flat: { label: 'flat, raised when asked', because: 'Less to carry; whoever must not lie flat has another version.' },
    },
  },
  squatDepth: {
    title: 'How deep a squat goes',
    choices: {
      chair: {
        label: 'to the height of the chair',
        because: 'It is the depth of daily life, and the seat is there to land on.',
        say: 'As deep as the seat, no deeper.',
      },
      half: { label: 'half way', because: 'Kinder to knees that complain.', say: 'Half way down is enough.' },
      own: {
        label: 'as deep as each likes',
        because: 'Range is kept by being used; the limits of each person hold.',
        say: 'As deep as is comfortable.',
      },
    },
  },
  stretchSeconds: {
    title: 'How long a new stretch is held',
    choices: {
      '20': { label: '20 seconds', because: 'Long enough to let go, short enough to keep a group together.' },
      '15': { label: '15 seconds', because: 'For groups that fidget, and for first weeks.' },
      '30': { label: '30 seconds', because: 'Older muscle takes longer; needs a calm room.' },
    },
  },
  stretchPlace: {
    title: 'Where stretches stand',
    choices: {
      end: { label: 'at the end, offered last before', because: 'Warm muscle gives more, and strength work is not dulled before it.' },
      'where-planned': { label: 'wherever they are put', because: 'A stretch right after its own work is remembered.' },
    },
  },
  rests: {
    title: 'In a rest',
    choices: {
      still: { label: 'people sit or stand still', because: 'A rest is one when it is seen to be one.', say: 'Sit or stand, shake out, breathe.' },
      moving: {
        label: 'people keep moving easily',
        because: 'The blood does not pool in the legs; whoever is dizzy sits.',
        say: 'Walk on the spot, easily; sit if you like.',
      },
    },
  },
  counting: {
    title: 'Counting',
    choices: {
      down: { label: 'down to one', because: 'People hear how much is left.' },
      up: { label: 'up from one', because: 'People hear what they have done; nobody is told that they are behind.' },
    },
  },
  gaze: {
    title: 'Where people look when they stand',
    choices: {
      ahead: { label: 'ahead, at one point', because: 'A still point steadies; looking down bends the back.', say: 'Look ahead at one still point.' },
      own: { label: 'as they like', because: 'With dim eyes the ground is what matters.' },
    },
  },
  feet: {
    title: 'How the feet point when people stand',
    choices: {
      straight: { label: 'straight ahead', because: 'Knees then bend over the toes by themselves.', say: 'Feet hip-wide, toes ahead.' },
      own: {
        label: 'as each hip likes',
        because: 'Hips differ; forcing them straight twists the knee.',
        say: 'Feet hip-wide, toes where your hips like them.',
      },
    },
  },
  leftRight: {
    title: 'Left and right',
    choices: {
      theirs: {
        label: 'those of the group',
        because: 'You face them as a mirror: they hear their own side and see it.',
        say: 'Say their side and show it as a mirror.',
      },
      mine: {
        label: 'those of the instructor',
        because: 'You stand with your back to them, or turn: they do as you do.',
        say: 'Say your side, and turn your back to show it.',
      },
    },
  },
  masses: {
    title: 'Masses',
    choices: {
      kg: { label: 'in kilograms', because: 'Weights are sold in kilograms here.' },
      lb: {
        label: 'in pounds',
        because: 'Weights are sold in pounds here; what the library says is rounded down to the half pound, never up.',
      },
    },
  },
}

/** The chosen way of a rule, in words. */
export const houseWords = <K extends HouseRule>(rule: K, rules: Pick<HouseRules, K>): Choice => {
  const { choices } = HOUSE_RULE_WORDS[rule]
  return choices[rules[rule]]
}
