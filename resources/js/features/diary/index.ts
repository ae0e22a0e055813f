export { DiaryPage } from './DiaryPage'
