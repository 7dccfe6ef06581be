import { dequal } from 'dequal';
import { referencesOf } from '../../document/references.js';
import type { Photo, Project } from '../../document/project.js';
import { EditConflict, EditError } from './edit-error.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { mergedChange, refittedChange, reconciledChange, withProperties, type Properties } from './properties.js';

/** Lists a photo in the project, so that it can be shown. */
export interface AddPhoto {
  readonly type: 'add-photo';
  readonly photo: Photo;
}

export interface RemovePhoto {
  readonly type: 'remove-photo';
  readonly photo: Photo;
}

type PhotoProperties = Properties<Pick<Photo, 'focus' | 'cutouts'>>;

export interface ChangePhoto {
  readonly type: 'change-photo';
  readonly photoId: string;
  readonly before: PhotoProperties;
  readonly after: PhotoProperties;
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

function photoOf(project: Project, id: string): Photo {
  const photo = project.photos[id];
  if (!photo) throw new EditConflict('The photo is gone');
  return photo;
}
