export { Alarm } from './Alarm'
export { Countdowns } from './Countdowns'
export { forgetAll, type Reminder, remind } from './reminders'
