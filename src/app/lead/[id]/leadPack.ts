import { houseWords } from '@/content/houseRules'
import { firstView, fold, type LedView, waysOf } from '@/core/lead'
import { describePicture } from '@/core/movement'
import { LEVEL_LETTERS, type PlanDraft } from '@/core/plan'
import { musicOf, treadLine } from '@/core/timing'
import { numbersOf } from '@/core/vocabulary'
import type { Database } from '@/server/db/connection'
import { beganWith, ledSession, peopleOfSession } from '@/server/leading'
import { studioLibrary } from '@/server/library'
import type { StoredSession } from '@/server/repositories/sessions'
import type { Studio } from '@/server/repositories/studios'
import { callNames } from '@/server/roster'
import type { LeadMusicPlan } from '@/ui/lead/LeadMusic'
import type { LeadPack, LeadVariant } from '@/ui/lead/pack'

/** What plays, and the beat of each block. */
function musicIn(plan: PlanDraft, view: LedView): LeadMusicPlan {
  const { phases, playlist, bpm } = plan
  const beats = phases.flatMap(({ blocks }) => blocks.flatMap((block) => ((block.bpm ?? bpm) ? [[block.id, (block.bpm ?? bpm)!] as const] : [])))
  return {
    cues: musicOf(plan, view.timeline).cues,
    made: Object.fromEntries((playlist?.tracks ?? []).flatMap(({ id, made }) => (made ? [[id, made]] : []))),
    bpm: Object.fromEntries(beats),
  }
}

/** Letters of the levels of an item, by version. */
const lettersIn = (view: LedView): Map<string, string> =>
  new Map(view.items.flatMap(({ notFor }) => Object.keys(notFor).map((variant, at) => [variant, LEVEL_LETTERS[at] ?? ''] as const)))

/** Everything that a session is led by. */
export async function leadPack(db: Database, studio: Studio, session: StoredSession): Promise<LeadPack> {
  const there = await peopleOfSession(db, studio.id, session)
  const [shelf, led] = await Promise.all([studioLibrary(db, studio.id), ledSession(db, studio, session, there)])
  const { settings } = studio
  const { timeline, iCount } = beganWith(led)
  const state = fold(led.events, timeline, iCount)
  const wanted = new Set([led.viewId, firstView(led.events) ?? led.viewId, ...Object.values(state.viewOf)])
  const views = Object.fromEntries([...led.views].filter(([id]) => wanted.has(id)))
  const all = Object.values(views)
  const shown = new Set(
    all.flatMap(({ items }) => items.flatMap((item) => [...item.shown, ...Object.values(item.uses).flatMap(({ takes }) => takes?.variant ?? [])])),
  )
  const named = new Set([
    ...shown,
    ...all.flatMap(({ items }) => items.flatMap(({ uses }) => Object.values(uses).flatMap((use) => waysOf(use).map(({ variant }) => variant)))),
  ])
  const letters = lettersIn(led.view)
  const variants = [...named].flatMap((id): [string, LeadVariant][] => {
    const entry = shelf.catalogue.byId.get(id)
    if (!entry) return []
    const { variant, movement } = entry
    const { poses, tempo, room, props, view, side, cues } = variant
    const letter = letters.get(id)
    // the library is there in every browser; movements of one's own are not
    const isOwn = shelf.own.some((own) => own.id === movement.id)
    return [
      [
        id,
        {
          movement: movement.name,
          name: letter ? `${letter}: ${variant.name}` : variant.name,
          step: entry.step,
          cues: [cues.do, cues.watch].filter((cue) => cue !== ''),
          breath: cues.breath,
          picture: describePicture(movement, variant),
          ...((shown.has(id) || isOwn) && { figure: { poses, tempo, room, props, view, side } }),
        },
      ],
    ]
  })
  const names = callNames(there.everybody.map(({ record }) => record))
  return {
    session: session.id,
    title: session.plan.title,
    day: session.day,
    promisedSeconds: session.plan.promisedMinutes * 60,
    views,
    viewId: led.viewId,
    line: treadLine(timeline),
    variants: Object.fromEntries(variants),
    people: there.everybody.map(({ id, record }, index) => ({
      id,
      name: names[index]!,
      ...(record.emergencyContact && { contact: record.emergencyContact }),
    })),
    leaders: session.plan.room.leaders,
    instructor: settings.instructor,
    music: musicIn(session.plan, led.view),
    house: {
      name: settings.house,
      masses: settings.houseRules.masses,
      counting: settings.houseRules.counting,
      inRest: houseWords('rests', settings.houseRules).say ?? '',
      onSides: houseWords('leftRight', settings.houseRules).say ?? '',
      venue: settings.venue,
      numbers: numbersOf(settings),
      sounds: settings.sounds,
    },
  }
}
