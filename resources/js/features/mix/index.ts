export { MixCard } from './MixCard'
export { MixDesk } from './MixDesk'
