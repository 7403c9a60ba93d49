import type { LibraryRequest } from './libraryContract'
import { LibraryDesk } from './libraryDesk'

const desk = new LibraryDesk()

self.onmessage = ({ data }: MessageEvent<LibraryRequest>) => {
  try {
    self.postMessage({ id: data.id, answer: data.kind === 'open' ? desk.open(data.ask) : desk.find(data.ask) })
    if (data.kind === 'open') desk.drawAhead()
  } catch (error) {
    self.postMessage({ id: data.id, fault: error instanceof Error ? error.message : String(error) })
  }
}
