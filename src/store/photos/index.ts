export { PHOTO_LIMITS, type Photo, type PhotoFault } from './photo';
export { shrunkSize } from './shrink';
export { allPhotos, dropPhoto, keepPhoto, photosOf } from './kept-photos';
export {
  formatPhotosFile,
  parsePhotosFile,
  PHOTOS_SIZE_LIMIT,
} from './photos-file';
export { usePhotos, type PhotosModel } from './use-photos';
