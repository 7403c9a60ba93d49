/** What is written down of the invented boathouse for somebody who comes running. */
export const DEMO_VENUE = {
  address: '3 Slipway Lane, on the lake',
  access: 'By the green double door on the lake side; code 4192; park on the slip',
  defibrillator: 'Porch, left of the green door, in the yellow box',
  contact: 'Caretaker Hedda Larch, 0555 0142',
  plan: 'Ring, then open both doors. Whoever is nearest fetches the box from the porch; one person waits on the lane. Everybody else sits down along the lake windows.',
} as const
