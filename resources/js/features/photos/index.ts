export { addressOf, keepBuildPhoto, keepMixPhoto, ownPhotosQuery, photosQuery } from './api'
export { OfBuild } from './OfBuild'
export { PhotoShelf } from './PhotoShelf'
