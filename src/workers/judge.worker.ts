import { parentPort } from 'node:worker_threads'
import { replyTo } from './answering'
import type { JudgeRequest } from './judgeContract'
import { JudgeDesk } from './judgeDesk'

const desk = new JudgeDesk()

parentPort?.on('message', (request: JudgeRequest) => parentPort?.postMessage(replyTo(request, (one) => desk.answer(one))))
