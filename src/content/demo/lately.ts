import type { LogRow } from '@/core/lead'

type Noted = Pick<LogRow, 'exertion' | 'painDuring' | 'painNextDay' | 'marks'>
const easy: Noted = { exertion: 3, painDuring: 0, painNextDay: 0, marks: ['two-more'] }

/** What was noted of some in the last two classes, by first name and by how many weeks ago: who is ready, who is not, and who was not asked. */
export const DEMO_LATELY: Readonly<Record<string, Readonly<Record<number, Noted>>>> = {
  Fenwick: { 2: easy, 1: { ...easy, painNextDay: null } },
  Greta: { 1: { exertion: 4, painDuring: 2, painNextDay: 3, marks: [] } },
  Wilf: { 2: easy, 1: easy },
  Thora: { 1: { exertion: 4, painDuring: 0, painNextDay: 0, marks: ['form-lost'] } },
  Birgit: { 2: easy, 1: easy },
}
