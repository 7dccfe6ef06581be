import { dequal } from 'dequal';
import type { Photo } from '../../document/project.js';
import { referencesOf } from '../../document/references.js';
import { EditConflict, EditError } from './edit-error.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { photoOf } from './photo-of.js';

export interface RemovePhoto {
  readonly type: 'remove-photo';
  readonly photo: Photo;
}

export const removePhoto = defineOperation<'remove-photo', RemovePhoto>({
  type: 'remove-photo',
  apply: (project, { photo }) => {
    const { [photo.id]: found, ...photos } = project.photos;
    if (!found) throw new EditError(`Photo ${photo.id} is not in the project`);
    if (referencesOf(project).photos.has(found.id)) throw new EditError(`Photo ${found.id} is still shown`);
    return { ...project, photos };
  },
  invert: (operation) => ({ ...operation, type: 'add-photo' }),
  touches: ({ photo }) => ({ needs: [], makes: [], takes: [nameOf.photo(photo.id)] }),
  isSame: (operation, over) => operation.photo.id === over.photo.id,
  reconcile: (operation, over) => {
    if (!dequal(operation.photo, over.photo)) throw new EditConflict('The photo was changed and taken out');
    return null;
  },
  refit: (project, operation) => {
    if (!dequal(photoOf(project, operation.photo.id), operation.photo)) throw new EditConflict('The photo was changed');
    if (referencesOf(project).photos.has(operation.photo.id)) throw new EditConflict('The photo is shown elsewhere');
    return operation;
  },
});
