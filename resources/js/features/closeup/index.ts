import { later } from '@/design/later'

export { CloseUpButton, CloseUpDialog } from './CloseUpButton'
export const WhenDone = later(() => import('./WhenDone'))
