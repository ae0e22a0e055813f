export { DiaryPage } from './DiaryPage'
export { FinishCardPage } from './FinishCardPage'
