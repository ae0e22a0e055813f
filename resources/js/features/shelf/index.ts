export { Shelf } from './Shelf'
