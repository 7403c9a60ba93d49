export { type Ceiling, ceilingFor, ceilingWords, maximumBy, SCHOOL_WORDS, talkTest } from './ceiling'
