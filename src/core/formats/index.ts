export { ASK_GROUPS, type AskGroup, type BodyAsk, type BodyAsks, bodyAsks } from './bodyAsks'
export type { CueWords } from './cueParts'
export { type CueLine, cueSheet } from './cueSheet'
export {
  classFile,
  classFileSchema,
  factsSchema,
  fromAnotherHouse,
  type PeopleFile,
  parseFile,
  peopleFile,
  peopleFileSchema,
  personSchema,
} from './files'
export { parseKeepable, unkeepable } from './keepable'
export { type InkOf, type LadderPicture, ladderSvg } from './ladderSvg'
export { ledFile, ledFileSchema, paceFile, paceFileSchema, stretchesOf } from './pace'
export { CSV_FIELDS, MOST_ROWS, personKey, rowOf, withRow } from './peopleCsv'
export { type FileProblem, problemsOf, problemsText } from './problems'
export { CAUTION, factsOfPerson, type ItemVerdict, type PersonReport, type Reason, type Report, reasonOf, reportOf } from './report'
export { schemaFiles } from './schemas'
