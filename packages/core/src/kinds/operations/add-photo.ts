import { dequal } from 'dequal';
import type { Photo } from '../../document/project.js';
import { EditConflict, EditError } from './edit-error.js';
import { defineOperation, nameOf } from './operation-kind.js';

/** Lists a photo in the project, so that it can be shown. */
export interface AddPhoto {
  readonly type: 'add-photo';
  readonly photo: Photo;
}

export const addPhoto = defineOperation<'add-photo', AddPhoto>({
  type: 'add-photo',
  apply: (project, { photo }) => {
    if (photo.id in project.photos) throw new EditError(`Photo ${photo.id} is there already`);
    return { ...project, photos: { ...project.photos, [photo.id]: photo } };
  },
  invert: (operation) => ({ ...operation, type: 'remove-photo' }),
  touches: ({ photo }) => ({ needs: [], makes: [nameOf.photo(photo.id)], takes: [] }),
  isSame: (operation, over) => operation.photo.id === over.photo.id,
  reconcile: (operation, over) => {
    if (!dequal(operation.photo, over.photo)) throw new EditConflict('Both added the same photo');
    return null;
  },
  refit: (project, operation) => {
    if (operation.photo.id in project.photos) throw new EditConflict('The photo is there already');
    return operation;
  },
});
