import { addDays, type ClientInput, type Day } from '@/core/client'

export type DemoClass = 'chairs' | 'mothers' | 'backs' | 'bones'
export interface DemoPerson {
  classes: DemoClass[]
  record: ClientInput
}

/** The invented people of Tarnbeck, with dates counted back from the day the demo data is made. */
export function demoPeople(today: Day): DemoPerson[] {
  const ago = (weeks: number) => addDays(today, -7 * weeks)
  const joined = ago(40)
  const cleared = (condition: string, by: string, weeksAgo = 6) => ({ condition, by, on: ago(weeksAgo) })
  const rises = (weeksAgo: number, value: number) => [{ kind: 'chair-rises' as const, on: ago(weeksAgo), value }]
  const going = (weeksAgo: number, value: number) => [{ kind: 'get-up-and-go' as const, on: ago(weeksAgo), value }]
  const stance = (weeksAgo: number, left: number, right: number) =>
    [
      { side: 'left' as const, value: left },
      { side: 'right' as const, value: right },
    ].map((leg) => ({ kind: 'one-leg' as const, on: ago(weeksAgo), ...leg }))
  const person = (classes: DemoClass[], given: string, family: string, birthDate: Day, rest: Partial<ClientInput> = {}): DemoPerson => ({
    classes,
    record: { given, family, birthDate, joined, consentOn: ago(40), ...rest },
  })
  return [
    person(['chairs'], 'Alba', 'Finch', '1944-02-11', {
      conditions: [{ slug: 'knee-osteoarthritis', variant: 'settled', side: 'right' }],
      capability: { riseNoHands: true, singleLegSec: 6, chairRises30s: 12 },
      measured: [...rises(38, 8), ...stance(38, 5, 3), ...rises(20, 9), ...stance(20, 11, 5), ...rises(2, 12), ...stance(2, 12, 6)],
    }),
    person(['chairs', 'bones'], 'Bertil', 'Quarrie', '1949-07-30', {
      conditions: [{ slug: 'hypertension-controlled' }, { slug: 'hearing-loss', variant: 'partial' }],
      capability: { riseNoHands: true, singleLegSec: 11 },
    }),
    person(['chairs'], 'Corisande', 'Plover', '1938-12-03', {
      conditions: [{ slug: 'frailty', variant: 'needs-hands' }, { slug: 'osteoporosis' }],
      clearances: [cleared('frailty', 'Dr Ansel Wray')],
      capability: { riseNoHands: false, singleLegSec: 0, chairRises30s: 4 },
    }),
    person(['chairs'], 'Desmond', 'Ravel', '1946-05-19', {
      conditions: [{ slug: 'parkinsons', variant: 'stage1-2' }],
      clearances: [cleared('parkinsons', 'Dr Ansel Wray', 50)],
      capability: { riseNoHands: true, singleLegSec: 4 },
    }),
    person(['chairs'], 'Edda', 'Thistlewood', '1941-09-08', {
      conditions: [{ slug: 'heart-failure-stable', variant: 'nyha1-2', orthopnoea: false }],
      clearances: [cleared('heart-failure-stable', 'Tarnbeck heart clinic')],
      capability: { riseNoHands: true, singleLegSec: 5 },
    }),
    person(['chairs'], 'Fenwick', 'Oar', '1950-01-22', {
      conditions: [{ slug: 'wheelchair-user', variant: 'other', standingOk: false, trunkControlLow: false }],
      capability: { riseNoHands: false },
    }),
    person(['chairs'], 'Greta', 'Moss', '1947-11-14', {
      conditions: [{ slug: 'hip-replacement-posterior', side: 'left', since: ago(20) }],
      clearances: [cleared('hip-replacement-posterior', 'ward 4, lake hospital', 10)],
      capability: { riseNoHands: true, singleLegSec: 7, getUpAndGoSec: 13 },
      measured: [...going(12, 19), ...stance(12, 2, 9), ...going(3, 13), ...stance(3, 7, 12)],
    }),
    person(['chairs'], 'Hartley', 'Swale', '1943-04-05', {
      conditions: [{ slug: 'copd', variant: 'mild-moderate' }],
      clearances: [cleared('copd', 'Dr Ansel Wray', 24)],
      capability: { riseNoHands: true, singleLegSec: 6 },
    }),
    person(['chairs'], 'Ingrid', 'Copperfall', '1952-08-27', {
      conditions: [{ slug: 'rotator-cuff-pain', variant: 'irritable', side: 'left' }],
      capability: { riseNoHands: true, singleLegSec: 14 },
    }),
    person(['chairs'], 'Jory', 'Pemberwick', '1948-03-16', {
      conditions: [
        { slug: 'diabetes-hypoglycaemia-risk', variant: 'type2-insulin-or-su', hypoUnaware: false },
        { slug: 'peripheral-neuropathy', variant: 'feet' },
      ],
      clearances: [cleared('diabetes-hypoglycaemia-risk', 'Dr Ansel Wray')],
      capability: { riseNoHands: true, singleLegSec: 3 },
    }),
    person(['chairs'], 'Kestrel', 'Vane', '1945-10-01', {
      conditions: [{ slug: 'stroke-hemiparesis', variant: 'walks-with-aid', side: 'right', since: ago(90) }],
      capability: { riseNoHands: false, singleLegSec: 0 },
    }),
    person(['chairs'], 'Lorna', 'Beckwith-Hale', '1951-06-09', {
      conditions: [{ slug: 'vertigo-bppv', variant: 'settled' }],
      capability: { riseNoHands: true, singleLegSec: 8 },
    }),

    person(['mothers'], 'Maren', 'Holloway', '1995-03-21', {
      dueDate: addDays(today, 7 * 6 + 3),
      clearances: [cleared('pregnancy', 'midwife Tove Lind', 4)],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),
    person(['mothers'], 'Nadine', 'Arkwell', '1990-12-12', {
      dueDate: addDays(today, 7 * 18 + 1),
      clearances: [cleared('pregnancy', 'midwife Tove Lind', 3)],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30, impactTrained: true },
    }),
    person(['mothers'], 'Orla', 'Teasdale', '1998-07-02', {
      dueDate: addDays(today, 7 * 11),
      conditions: [{ slug: 'pelvic-girdle-pain', variant: 'mild' }],
      clearances: [cleared('pregnancy', 'midwife Tove Lind', 5)],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 20 },
    }),
    person(['mothers'], 'Petra', 'Winnow', '1993-01-28', {
      dueDate: addDays(today, 7 * 24 + 5),
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),
    person(['mothers'], 'Quilla', 'Dunmore', '1988-05-17', {
      lastBirth: { on: ago(15), kind: 'caesarean' },
      conditions: [{ slug: 'diastasis-recti', variant: 'mild' }],
      clearances: [{ condition: 'caesarean', by: 'midwife Tove Lind', on: ago(8) }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),
    person(['mothers'], 'Runa', 'Sedge', '1996-10-30', {
      dueDate: addDays(today, 7 * 8 - 2),
      clearances: [cleared('pregnancy', 'midwife Tove Lind', 2)],
      conditions: [{ slug: 'wrist-pain-carpal-tunnel', variant: 'intermittent', side: 'both' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 25 },
    }),

    person(['backs'], 'Silas', 'Brightmoor', '1971-02-02', {
      conditions: [{ slug: 'lbp-nonspecific', variant: 'settled' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),
    person(['backs'], 'Thora', 'Kell', '1965-08-15', {
      conditions: [{ slug: 'lbp-flexion-intolerant', variant: 'moderate' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 22 },
    }),
    person(['backs'], 'Ulric', 'Stonegate', '1958-11-06', {
      conditions: [
        { slug: 'lbp-extension-intolerant', variant: 'stenosis' },
        { slug: 'obesity', variant: 'class1-2' },
      ],
      capability: { riseNoHands: true, floorTransferOk: false, singleLegSec: 9 },
    }),
    person(['backs'], 'Verity', 'Marsh', '1979-04-24', {
      conditions: [{ slug: 'sciatica', variant: 'moderate', side: 'left', footWeak: false, since: ago(16) }],
      clearances: [cleared('sciatica', 'Dr Ansel Wray', 8)],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 18 },
    }),
    person(['backs'], 'Wilf', 'Aldercote', '1962-09-19', {
      conditions: [{ slug: 'fibromyalgia', variant: 'usual' }, { slug: 'hypertension-controlled' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 16 },
    }),
    person(['backs'], 'Xanthe', 'Rill', '1984-12-31', {
      conditions: [{ slug: 'joint-hypermobility', variant: 'stable' }],
      clearances: [cleared('joint-hypermobility', 'Dr Ansel Wray')],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),
    person(['backs'], 'Yorick', 'Tamblyn', '1974-06-13', {
      conditions: [{ slug: 'ankylosing-spondylitis', variant: 'mobile' }],
      clearances: [cleared('ankylosing-spondylitis', 'Dr Ansel Wray')],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
    }),

    person(['bones'], 'Zelda', 'Northey', '1955-05-05', {
      conditions: [{ slug: 'osteoporosis' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 17, chairRises30s: 13 },
    }),
    person(['bones'], 'Anselma', 'Grove', '1953-03-29', {
      conditions: [{ slug: 'osteopenia' }],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 24, impactTrained: true },
    }),
    person(['bones'], 'Birgit', 'Larkspur', '1948-10-10', {
      conditions: [{ slug: 'osteoporosis-vertebral-fracture', variant: 'healed', since: ago(70) }],
      clearances: [cleared('osteoporosis-vertebral-fracture', 'lake hospital bone clinic', 9)],
      capability: { riseNoHands: true, singleLegSec: 6 },
    }),
    person(['bones'], 'Cosmo', 'Fairweather', '1957-01-18', {
      conditions: [{ slug: 'falls-history', variant: 'single-or-fear' }, { slug: 'osteopenia' }],
      clearances: [cleared('falls-history', 'Dr Ansel Wray')],
      capability: { riseNoHands: true, singleLegSec: 7 },
    }),
    person(['bones'], 'Dorothea', 'Mere', '1950-07-07', {
      conditions: [{ slug: 'hyperkyphosis', variant: 'correctable' }, { slug: 'osteoporosis' }],
      clearances: [cleared('hyperkyphosis', 'Dr Ansel Wray')],
      capability: { riseNoHands: true, singleLegSec: 12 },
    }),
    person(['bones'], 'Evander', 'Cole', '1954-11-25', {
      conditions: [{ slug: 'coronary-disease-cleared', variant: 'no-surgery' }, { slug: 'beta-blocker' }],
      clearances: [cleared('coronary-disease-cleared', 'Tarnbeck heart clinic')],
      capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 19 },
    }),
  ]
}
