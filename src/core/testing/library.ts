import { arm, feet, leg } from '../body'
import { buildCatalogue, type Catalogue, type LadderSpec, ladder } from '../movement'

const shared: Omit<LadderSpec, 'id' | 'name' | 'steps'> = {
  purpose: 'strength-arms',
  phase: 'any',
  main: ['shoulders'],
  helping: [],
  everyday: 'testing',
  gradedBy: [],
  tempo: { out: 2, stay: 0, back: 2, rest: 0 },
  tempoClass: 'as-written',
  pattern: ['push'],
  serves: 'lifting',
  partners: [],
  cues: { setup: 'Sit.', do: 'Move.', breath: 'Breathe.', watch: 'Watch.' },
}
const raised = [[], [arm('both', { raise: 80, plane: 90, elbow: 0 })]]

/** A handful of movements for tests of the core, which knows no content. */
export const smallCatalogue = (): Catalogue =>
  buildCatalogue([
    ladder({
      ...shared,
      id: 'push',
      name: 'Push',
      steps: [
        { id: 'seated', name: 'Seated', on: 'seat', poses: raised },
        { id: 'turns', name: 'In turn', on: 'seat', poses: raised, side: 'alternating' },
        { id: 'sides', name: 'Side by side', on: 'seat', poses: raised, side: 'one-then-other' },
      ],
    }),
    ladder({
      ...shared,
      id: 'hold',
      name: 'Hold',
      purpose: 'flexibility',
      steps: [{ id: 'seated', name: 'Seated', on: 'seat', poses: raised, tempo: { out: 1, stay: 5, back: 1 } }],
    }),
    ladder({
      ...shared,
      id: 'step',
      name: 'Step',
      purpose: 'balance',
      steps: [
        { id: 'held', name: 'Held', on: 'hold2', poses: [[], [leg('right', { flexion: 30, knee: 50 }), feet('right', 'free')]] },
        { id: 'free', name: 'Free', on: 'free', poses: [[], [leg('right', { flexion: 30, knee: 50 }), feet('right', 'free')]] },
      ],
    }),
  ])
