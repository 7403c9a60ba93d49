export * from './classModel'
export * from './options'
export * from './rest'
export * from './tracks'
