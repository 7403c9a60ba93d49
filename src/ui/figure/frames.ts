'use client'

type Tick = (now: number) => void
const ticks = new Set<Tick>()
let request = 0

function run(now: number) {
  for (const tick of ticks) tick(now)
  request = ticks.size > 0 ? requestAnimationFrame(run) : 0
}

/** Calls back at every frame, all callers in one loop. @returns the function that stops it */
export function everyFrame(tick: Tick): () => void {
  ticks.add(tick)
  if (request === 0) request = requestAnimationFrame(run)
  return () => {
    ticks.delete(tick)
  }
}
