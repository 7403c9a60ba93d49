export * from './calendar'
export * from './choices'
export * from './facts'
export * from './record'
