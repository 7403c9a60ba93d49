import { describe, expect, test } from 'vitest'
import { conditionChoices } from '@/core/client'
import { wordFinder } from '@/core/movement'
import { buildRuleBase } from '@/core/safety'
import { CONDITIONS } from '.'
import { SPOKEN_CONDITIONS } from './spoken'

const choices = conditionChoices(buildRuleBase(CONDITIONS))

test('every condition that can be recorded has usual words, and none that cannot', () => {
  expect(Object.keys(SPOKEN_CONDITIONS).sort()).toEqual(choices.map(({ slug }) => slug).sort())
})

describe('a condition is found by what people say', () => {
  const find = wordFinder(choices.map(({ slug, name }) => ({ id: slug, name, also: SPOKEN_CONDITIONS[slug]! })))
  test.each([
    ['blood pressure', 'hypertension-controlled'],
    ['heart attack', 'coronary-disease-cleared'],
    ['new knee', 'knee-replacement'],
    ['new hip', 'hip-replacement-posterior'],
    ['slipped disc', 'lbp-flexion-intolerant'],
    ['AFib', 'atrial-fibrillation'],
    ['incontinence', 'pelvic-floor-dysfunction'],
    ['brittle bones', 'osteoporosis'],
    ['broken vertebra', 'osteoporosis-vertebral-fracture'],
    ['Alzheimer', 'dementia'],
    ['numb feet', 'peripheral-neuropathy'],
    ['warfarin', 'anticoagulants'],
    ['athritis', 'knee-osteoarthritis'],
    ['parkinson', 'parkinsons'],
    ['deaf', 'hearing-loss'],
    ['insulin', 'diabetes-hypoglycaemia-risk'],
    ['long covid', 'me-cfs-pem'],
    ['bisoprolol', 'beta-blocker'],
  ])('%s', (said, slug) => {
    expect(find(said).slice(0, 6)).toContain(slug)
  })
})
