import type { Photo, Project } from '../../document/project.js';
import { EditConflict } from './edit-error.js';

/** A photo that the project lists. @throws EditConflict when it is gone */
export function photoOf(project: Project, id: string): Photo {
  const photo = project.photos[id];
  if (!photo) throw new EditConflict('The photo is gone');
  return photo;
}
