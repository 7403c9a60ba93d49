export * from './timeline'
export * from './tread'
