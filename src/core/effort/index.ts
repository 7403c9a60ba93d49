export * from './ceiling'
