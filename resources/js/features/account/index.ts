export { AccountPage } from './AccountPage'
