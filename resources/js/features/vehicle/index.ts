export { type Chosen, platesQuery, vehicleQuery } from './api'
export { plainFinish, plainMark } from './plain'
export type { Panels, Region } from './Regions'
