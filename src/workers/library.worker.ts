import type { LibraryRequest } from './libraryContract'
import { LibraryDesk } from './libraryDesk'

const desk = new LibraryDesk()

function answerTo(request: LibraryRequest) {
  switch (request.kind) {
    case 'open':
      return desk.open(request.ask)
    case 'find':
      return desk.find(request.ask)
    case 'steps':
      return desk.steps(request.ask)
  }
}

self.onmessage = ({ data }: MessageEvent<LibraryRequest>) => {
  try {
    self.postMessage({ id: data.id, answer: answerTo(data) })
    if (data.kind === 'open') desk.drawAhead()
  } catch (error) {
    self.postMessage({ id: data.id, fault: error instanceof Error ? error.message : String(error) })
  }
}
