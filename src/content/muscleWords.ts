import type { Muscle } from '@/core/movement'

/** Muscles as a class hears them. */
export const MUSCLE_WORDS: Record<Muscle, string> = {
  neck: 'neck',
  shoulders: 'shoulders',
  'rotator-cuff': 'deep shoulder',
  'upper-back': 'upper back',
  'lower-back': 'lower back',
  chest: 'chest',
  biceps: 'front of the arm',
  triceps: 'back of the arm',
  'forearms-hands': 'forearms and hands',
  abdominals: 'belly',
  obliques: 'waist',
  'pelvic-floor': 'pelvic floor',
  'hip-flexors': 'front of the hip',
  glutes: 'buttocks',
  'outer-hip': 'outer hip',
  'inner-thigh': 'inner thigh',
  quadriceps: 'front of the thigh',
  hamstrings: 'back of the thigh',
  calves: 'calves',
  shins: 'shins',
  feet: 'feet',
}
