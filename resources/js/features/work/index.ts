export { Work } from './Work'
