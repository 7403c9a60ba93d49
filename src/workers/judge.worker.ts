import { parentPort } from 'node:worker_threads'
import { replyTo } from './answering'
import type { JudgeRequest } from './judgeContract'
import { JudgeDesk } from './judgeDesk'

const desk = new JudgeDesk()

parentPort?.on('message', async (request: JudgeRequest) => parentPort?.postMessage(await replyTo(request, (one) => desk.answer(one))))
