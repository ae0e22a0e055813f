export { MixDesk } from './MixDesk'
