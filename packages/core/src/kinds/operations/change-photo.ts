import type { Photo } from '../../document/project.js';
import { EditError } from './edit-error.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { photoOf } from './photo-of.js';
import { mergedChange, reconciledChange, refittedChange, withProperties, type Properties } from './properties.js';

type PhotoProperties = Properties<Pick<Photo, 'focus' | 'cutouts' | 'areas'>>;

export interface ChangePhoto {
  readonly type: 'change-photo';
  readonly photoId: string;
  readonly before: PhotoProperties;
  readonly after: PhotoProperties;
}

export const changePhoto = defineOperation<'change-photo', ChangePhoto>({
  type: 'change-photo',
  apply: (project, { photoId, after }) => {
    const photo = project.photos[photoId];
    if (!photo) throw new EditError(`Photo ${photoId} is not in the project`);
    return { ...project, photos: { ...project.photos, [photo.id]: withProperties(photo, after) } };
  },
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: ({ photoId }) => ({ needs: [nameOf.photo(photoId)], makes: [], takes: [] }),
  merge: (earlier, later) => (earlier.photoId === later.photoId ? mergedChange(earlier, later) : null),
  isSame: (operation, over) => operation.photoId === over.photoId,
  reconcile: reconciledChange,
  refit: (project, operation) => refittedChange(photoOf(project, operation.photoId), operation),
});
