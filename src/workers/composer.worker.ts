import { browserSolver } from './browserSolver'
import type { ComposerAsk, ComposerNews } from './composerContract'
import { ComposerDesk } from './composerDesk'

const desk = browserSolver().then((solver) => new ComposerDesk(solver))
const tell = (news: ComposerNews) => self.postMessage(news)

self.onmessage = ({ data }: MessageEvent<ComposerAsk>) => {
  void desk
    .then((there) => {
      if (data.kind === 'warm') there.warm(data.ask)
      else there.compose(data.ask, data.proposals, tell)
    })
    .catch((error: unknown) => tell({ kind: 'fault', message: error instanceof Error ? error.message : String(error) }))
}
