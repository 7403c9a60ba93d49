import { type Playlist, RECIPES, type Recipe } from '../music'
import type { Plan } from '../plan'
import type { Timeline } from '../timing'

/** The music of a class: its list, and the track that each block begins with. */
export interface Laid {
  playlist: Playlist
  trackOf: ReadonlyMap<string, string>
}

/** What brings down at the end: the slowest that ships. */
const SLOWEST = RECIPES.reduce((slow, recipe) => (recipe.bpm < slow.bpm ? recipe : slow))

/**
 * The tracks that ship, laid under a class of one tempo: every block begins with one and has as many as it lasts; what cools down has the slowest.
 *
 * @param bpm of the class
 * @returns undefined where none that ships has that tempo: the list is then the instructor's own
 */
export function laidOn(plan: Plan, { segments }: Pick<Timeline, 'segments'>, bpm: number): Laid | undefined {
  const own = RECIPES.find((recipe) => recipe.bpm === bpm)
  if (!own) return undefined
  const tracks: Playlist['tracks'] = []
  const trackOf = new Map<string, string>()
  const add = ({ key, title, seconds, bpm: beats }: Recipe): string => {
    const id = `music-${tracks.length + 1}`
    tracks.push({ id, title, seconds, bpm: beats, made: key })
    return id
  }
  for (const { kind, blocks } of plan.phases)
    for (const { id } of blocks) {
      const recipe = kind === 'cool-down' ? SLOWEST : own
      const here = segments.filter(({ block }) => block === id)
      const [first, last] = [here[0], here.at(-1)]
      if (!first || !last) continue
      trackOf.set(id, add(recipe))
      for (let have = recipe.seconds; have < last.startSeconds + last.seconds - first.startSeconds; have += recipe.seconds) add(recipe)
    }
  return { playlist: { name: '', tracks }, trackOf }
}
