import type { Request, Response } from './designerContract'
import { DesignerDesk } from './designerDesk'

const desk = new DesignerDesk()

function answer(request: Request): unknown {
  switch (request.kind) {
    case 'model':
      return desk.model(request.ask)
    case 'explain':
      return desk.explain(request.ask)
    case 'ladder':
      return desk.ladder(request.ask)
    case 'choices':
      return desk.choices(request.ask)
    case 'questions':
      return desk.questions()
  }
}

self.onmessage = ({ data }: MessageEvent<Request>) => {
  let reply: Response
  try {
    reply = { id: data.id, answer: answer(data) }
  } catch (error) {
    reply = { id: data.id, fault: error instanceof Error ? error.message : String(error) }
  }
  self.postMessage(reply)
}
