export { Clock } from './Clock'
export { NextSession } from './NextSession'
export { Sheet } from './Sheet'
