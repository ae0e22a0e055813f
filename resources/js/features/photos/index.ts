export { addressOf, keepBuildPhoto, keepMixPhoto, photosQuery } from './api'
export { OfBuild } from './OfBuild'
export { PhotoShelf } from './PhotoShelf'
