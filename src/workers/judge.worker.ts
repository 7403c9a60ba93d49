import { parentPort } from 'node:worker_threads'
import { replyTo } from './answering'
import type { JudgeRequest } from './judgeContract'
import { JudgeDesk } from './judgeDesk'

const desk = new JudgeDesk()

function answer(request: JudgeRequest): unknown {
  switch (request.kind) {
    case 'library':
      return desk.library(request.ask)
    case 'first':
      return desk.first(request.ask)
    case 'sheet':
      return desk.sheet(request.ask)
    case 'cells':
      return desk.cells(request.ask)
    case 'stair':
      return desk.stair(request.ask)
    case 'find':
      return desk.find(request.ask)
    case 'standing':
      return desk.standing(request.ask)
  }
}

parentPort?.on('message', (request: JudgeRequest) => parentPort?.postMessage(replyTo(request, answer)))
