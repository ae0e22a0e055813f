export { type Chosen, vehicleQuery } from './api'
export type { Region } from './Regions'
