import { houseWords } from '@/content/houseRules'
import type { ClassModel, ModelItem } from '@/core/evaluate'
import { describePicture } from '@/core/movement'
import { LEVEL_LETTERS, type PlanDraft } from '@/core/plan'
import { changeWords } from '@/core/safety'
import { groupOn } from '@/server/experience'
import { askClass } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { rosterOf } from '@/server/repositories/classes'
import { getSession } from '@/server/repositories/sessions'
import { ownRestWords } from '@/ui/fit/ownRestWords'
import type { LeadMusicPlan } from '@/ui/lead/LeadMusic'
import { type LeadItem, LeadScreen } from '@/ui/lead/LeadScreen'
import { grouped, list } from '@/ui/shell/list'
import { named } from '../../named'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Lead' }

/** Who of those that do an item needs more rest than the group gets. */
function sparing({ people }: ClassModel, { block, cells }: ModelItem): Pick<LeadItem, 'everySecond' | 'sitsOut'> {
  const doing = people.filter((_person, index) => cells[index]!.use.kind === 'does')
  return {
    everySecond: doing.filter(({ ownRests }) => ownRests.some(({ code }) => code === 'every-second-set')).map(({ name }) => name),
    sitsOut: grouped(
      doing.flatMap(({ name, ownRests }) =>
        ownRests.flatMap((rest) => (rest.code !== 'every-second-set' && rest.block === block ? [{ name, words: ownRestWords(rest, 'here') }] : [])),
      ),
    ).map(({ words, names }) => `${list(names)}: ${words}.`),
  }
}

/** What plays, and the beat of each block. */
function musicIn({ phases, playlist, bpm }: PlanDraft, { music }: ClassModel): LeadMusicPlan {
  const beats = phases.flatMap(({ blocks }) => blocks.flatMap((block) => ((block.bpm ?? bpm) ? [[block.id, (block.bpm ?? bpm)!] as const] : [])))
  return {
    cues: music.cues,
    made: Object.fromEntries((playlist?.tracks ?? []).flatMap(({ id, made }) => (made ? [[id, made]] : []))),
    bpm: Object.fromEntries(beats),
  }
}

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const [shelf, roster] = await Promise.all([studioLibrary(db, studio.id), rosterOf(db, studio.id, session.classId)])
  const group = await groupOn(db, studio, { roster, day: session.day, classId: session.classId })
  const {
    shown: { model },
  } = await askClass(shelf, 'first', id, { plan: session.plan, ...group })
  const { houseRules } = studio.settings
  const items = model.items.map((item): LeadItem => {
    const takes = (variant: string) =>
      item.cells.flatMap(({ use }, index) =>
        use.kind === 'does' && use.variant === variant
          ? [
              {
                name: model.people[index]!.name,
                changes: [
                  ...use.changes.map(changeWords),
                  ...(use.ownKg === undefined ? [] : [`${use.ownKg} kg`]),
                  ...use.sessionChanges.map(({ say }) => say),
                ],
              },
            ]
          : [],
      )
    const resting = item.cells.flatMap(({ use }, index) => (use.kind === 'rests' ? [model.people[index]!.name] : []))
    // with nobody on the roster the planned version is shown all the same
    const shown = item.shown.length > 0 || !item.variant ? item.shown : [item.variant]
    return {
      id: item.id,
      movement: item.movement,
      versions: shown.flatMap((variantId) => {
        const entry = shelf.catalogue.byId.get(variantId)
        if (!entry) return []
        const { variant, movement } = entry
        const { poses, tempo, room, props, view, side } = variant
        const called = movement.name === item.movement ? variant.name : `${movement.name}: ${variant.name}`
        const level = item.levels?.findIndex(({ id: one }) => one === variantId) ?? -1
        const name = level < 0 ? called : `${LEVEL_LETTERS[level]}: ${called}`
        return [
          {
            id: variantId,
            name,
            cue: variant.cues.do,
            breath: variant.cues.breath,
            words: describePicture(movement, variant),
            figure: { poses, tempo, room, props, view, side },
            people: takes(variantId),
            notFor: level < 0 ? [] : (item.levels?.[level]?.notFor ?? []),
          },
        ]
      }),
      resting,
      ...sparing(model, item),
    }
  })
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper text-ink [--fig-gap:var(--paper)]">
      <LeadScreen
        session={id}
        title={session.plan.title}
        timeline={model.timeline}
        line={model.tread}
        promisedSeconds={session.plan.promisedMinutes * 60}
        items={items}
        music={musicIn(session.plan, model)}
        house={{
          counting: houseRules.counting,
          inRest: houseWords('rests', houseRules).say ?? '',
          onSides: houseWords('leftRight', houseRules).say ?? '',
        }}
        roster={model.people.map((person) => ({ id: person.id, name: person.name }))}
        watching={model.people.flatMap(({ id, name, closed }) => (closed ? [{ id, name, because: closed.text }] : []))}
      />
    </main>
  )
}
