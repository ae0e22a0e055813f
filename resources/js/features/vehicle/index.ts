export { type Chosen, platesQuery, vehicleQuery } from './api'
export type { Panels, Region } from './Regions'
