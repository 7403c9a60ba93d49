export * from './check'
export * from './edit'
export * from './plan'
export * from './warnings'
