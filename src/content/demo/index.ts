export * from './classes'
export * from './people'
