export { suppliesQuery } from './api'
export { sayLack } from './millilitres'
export { Shelf } from './Shelf'
export { Supplies } from './Supplies'
