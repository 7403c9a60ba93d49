/** Stages whose key is shorthand; all others are read as they stand. */
const SHORTHAND: Readonly<Record<string, string>> = {
  type1: 'type 1',
  'type2-insulin-or-su': 'type 2, with insulin or a sulfonylurea',
  nyha3: 'breathless at little effort (NYHA 3)',
  'nyha1-2': 'breathless at most at ordinary effort (NYHA 1 or 2)',
  'sternotomy-under-12wk': 'breastbone operation, under 12 weeks',
  'sternotomy-over-12wk': 'breastbone operation, 12 weeks or more',
  'no-surgery': 'no operation',
  'cast-off-under-12wk': 'cast off, under 12 weeks',
  'new-under-6wk': 'new, under 6 weeks',
  'under-12wk': 'under 12 weeks',
  'over-12wk': '12 weeks or more',
  'mild-moderate': 'mild or moderate',
  'stage1-2': 'stage 1 or 2',
  stage3: 'stage 3',
  stage4: 'stage 4',
  'class1-2': 'class 1 or 2',
  class3: 'class 3',
  icd: 'ICD (defibrillator)',
}

/** A stage or kind of a condition as it is read on screen. */
export const stageWords = (variant: string): string => SHORTHAND[variant] ?? variant.replaceAll('-', ' ')
