export * from './files'
export * from './report'
export * from './schemas'
