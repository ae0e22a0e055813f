export { startTrial } from './api'
export { TrialsPage } from './TrialsPage'
