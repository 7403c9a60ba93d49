import type { Solver } from '@/core/compose'
import { answering } from './answering'
import type { Request } from './designerContract'
import { DesignerDesk } from './designerDesk'

const desk = new DesignerDesk()

let loading: Promise<Solver> | undefined
/** Loaded when it is first needed: most classes are planned without it. */
const solver = (): Promise<Solver> => {
  loading ??= import('./browserSolver').then(({ browserSolver }) => browserSolver())
  return loading
}

function answer(request: Request): unknown {
  switch (request.kind) {
    case 'model':
      return desk.model(request.ask)
    case 'class':
      desk.take(request.ask)
      return null
    case 'changes':
      return desk.changes(request.ask)
    case 'explain':
      return desk.explain(request.ask)
    case 'ladder':
      return desk.ladder(request.ask)
    case 'names':
      return desk.names(request.ask)
    case 'draw':
      return desk.draw(request.ask)
    case 'choices':
      return desk.choices(request.ask)
    case 'rehearse':
      return desk.rehearse()
    case 'fill':
      return desk.fill()
    case 'quality':
      return desk.quality(request.ask)
    case 'mend':
      return solver().then((found) => desk.mend(found))
    case 'fit':
      return solver().then((found) => desk.fit(request.ask, found))
    case 'order':
      return desk.order()
    case 'questions':
      return desk.questions()
  }
}

answering(answer)
