export * from './calendar'
export * from './facts'
export * from './record'
