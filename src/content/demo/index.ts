export { DEMO_FORMS, type DemoForm } from './answers'
export { DEMO_CLASSES, type DemoClassPlan } from './classes'
export { type DemoClass, type DemoPerson, demoPeople } from './people'
export { DEMO_VENUE } from './venue'
