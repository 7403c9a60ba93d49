export * from './files'
export * from './report'
