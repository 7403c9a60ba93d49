export { clicksOf, type Note, notesOf, RECIPES, type Recipe, VOICES, type Voice } from './notes'
export {
  MADE_TRACKS,
  type MadeTrack,
  type Playlist,
  PlaylistError,
  playlistSchema,
  type ReadTrack,
  readM3u,
  readXspf,
  type Track,
  tappedBpm,
  type XspfTrack,
} from './playlist'
export { writeM3u, writeXspf } from './writePlaylist'
