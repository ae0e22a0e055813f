export { Almanac } from './Almanac'
