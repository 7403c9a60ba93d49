import { answering } from './answering'
import type { LibraryRequest } from './libraryContract'
import { LibraryDesk } from './libraryDesk'

const desk = new LibraryDesk()

function answer(request: LibraryRequest) {
  switch (request.kind) {
    case 'open':
      return desk.open(request.ask)
    case 'find':
      return desk.find(request.ask)
    case 'steps':
      return desk.steps(request.ask)
  }
}

answering(answer, ({ kind, ask }) => {
  if (kind === 'open' && ask.figures) desk.drawAhead()
})
