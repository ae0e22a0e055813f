import { later } from '@/design/later'

// Nothing of it is loaded before somebody wants to look.
export const CloseUpDialog = later(() => import('./CloseUpDialog'))
export const WhenDone = later(() => import('./WhenDone'))
