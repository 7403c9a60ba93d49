export * from './files'
export * from './peopleCsv'
export * from './report'
export * from './schemas'
