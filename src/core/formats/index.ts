export { classFileSchema, type FileProblem, factsSchema, type PeopleFile, parseFile, peopleFileSchema, personSchema, problemsOf } from './files'
export { CSV_FIELDS, CSV_LABELS, type CsvField, type CsvRow, matchColumns, recordsOf, rowOf } from './peopleCsv'
export { CAUTION, factsOfPerson, type ItemVerdict, type PersonReport, type Reason, type Report, reasonOf, reportOf } from './report'
export { schemaFiles } from './schemas'
