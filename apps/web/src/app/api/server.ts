import { Injectable } from '@angular/core';
import {
  offeredArea,
  PROJECT_VERSION,
  type Cutout,
  type Edit,
  type PhotoArea,
  type Project,
  type SheetSize,
} from '@kadrosyn/core';
import { Requests } from './requests';
import { upload, uploadProject } from './upload';
import type {
  Bin,
  LibraryPage,
  LibraryPicture,
  Mockup,
  PhotoChange,
  PhotoUses,
  ProjectSummary,
  SavedProject,
  StoredPhoto,
  StoredProject,
  StoredTemplate,
  TemplateSummary,
  UploadedFile,
} from '@kadrosyn/contract';

/** A save that takes longer counts as failed, ms; it is sent again. */
const SAVE_TIME = 30_000;
/** The server's routes. Every call is rejected with a Fault, or a TypeError when the server can not be reached. */
@Injectable({ providedIn: 'root' })
export class Server extends Requests {
  /** Settled when the last edits have been answered, whichever way. */
  private saving: Promise<void> = Promise.resolve();

  /** Lists the projects, once the edits that are on their way have been answered: a new name is to be in the list. */
  async projects(): Promise<ProjectSummary[]> {
    await this.saving;
    return this.all<ProjectSummary>('/api/projects', 'projects');
  }

  /** Reads a project, once the edits that are on their way have been answered. */
  async project(id: string): Promise<StoredProject> {
    await this.saving;
    return this.get(`/api/projects/${id}`);
  }

  createProject(name: string, size: SheetSize): Promise<StoredProject> {
    return this.send('POST', '/api/projects', { name, size });
  }

  createFrom(document: Project): Promise<StoredProject> {
    return this.send('POST', '/api/projects', { document });
  }

  duplicateProject(id: string): Promise<StoredProject> {
    return this.send('POST', `/api/projects/${id}/copies`);
  }

  /** Puts a project into the bin. */
  removeProject(id: string): Promise<void> {
    return this.send('DELETE', `/api/projects/${id}`);
  }

  /** Brings a project back out of the bin, as it was. */
  returnProject(id: string): Promise<void> {
    return this.send('POST', `/api/projects/${id}/return`);
  }

  /** Opens a project file as a new project. @param onProgress - gets the share that has left, 0 to 1 */
  openProjectFile(file: File, onProgress: (share: number) => void): Promise<StoredProject> {
    return uploadProject(file, onProgress);
  }

  /** Where a project is as one file. */
  projectFile(id: string): string {
    return `/api/projects/${id}/kadro`;
  }

  bin(): Promise<Bin> {
    return this.get('/api/bin');
  }

  emptyBin(): Promise<void> {
    return this.send('DELETE', '/api/bin');
  }

  removeForGood(kind: 'projects' | 'photos', id: string): Promise<void> {
    return this.send('DELETE', `/api/bin/${kind}/${id}`);
  }

  /**
   * @param options.saveId - names the save, so that it can be sent again when its answer was lost.
   * @param options.leaving - lets the request outlive the page.
   */
  saveEdits(
    id: string,
    revision: number,
    edits: readonly Edit[],
    { saveId, leaving = false }: { readonly saveId?: string; readonly leaving?: boolean } = {},
  ): Promise<SavedProject> {
    const answer = this.send<SavedProject>(
      'POST',
      `/api/projects/${id}/edits`,
      { revision, version: PROJECT_VERSION, ...(saveId ? { saveId } : {}), edits },
      leaving ? { keepalive: true } : { signal: AbortSignal.timeout(SAVE_TIME) },
    );
    this.saving = answer.then(
      () => undefined,
      () => undefined,
    );
    return answer;
  }

  async photos(): Promise<StoredPhoto[]> {
    return this.all<StoredPhoto>('/api/photos', 'photos');
  }

  changePhoto(id: string, change: PhotoChange): Promise<StoredPhoto> {
    return this.send('PATCH', `/api/photos/${id}`, change);
  }

  removePhoto(id: string): Promise<void> {
    return this.send('DELETE', `/api/photos/${id}`);
  }

  returnPhoto(id: string): Promise<StoredPhoto> {
    return this.send('POST', `/api/photos/${id}/return`);
  }

  photoUses(id: string): Promise<PhotoUses> {
    return this.get(`/api/photos/${id}/uses`);
  }

  async areas(photoId: string): Promise<readonly PhotoArea[]> {
    return (await this.get<{ areas: PhotoArea[] }>(`/api/photos/${photoId}/areas`)).areas;
  }

  /** Keeps an area with its photo, so that other projects are offered it. */
  async keepArea(photoId: string, area: PhotoArea): Promise<void> {
    const { id, ...offered } = offeredArea(area);
    await this.send('PUT', `/api/photos/${photoId}/areas/${id}`, offered);
  }

  async mockups(): Promise<readonly Mockup[]> {
    return (await this.get<{ mockups: Mockup[] }>('/api/mockups')).mockups;
  }

  async removeArea(photoId: string, areaId: string): Promise<void> {
    await this.send('DELETE', `/api/photos/${photoId}/areas/${areaId}`);
  }

  async cutouts(photoId: string): Promise<readonly Cutout[]> {
    return (await this.get<{ cutouts: Cutout[] }>(`/api/photos/${photoId}/cutouts`)).cutouts;
  }

  /** @param png - see `cutoutPicture`. @returns the name of the matte. */
  async addMatte(photoId: string, png: Uint8Array): Promise<string> {
    const body = new Blob([png as Uint8Array<ArrayBuffer>], { type: 'image/png' });
    const answer = await fetch(`/api/photos/${photoId}/mattes`, { method: 'POST', body });
    return (await this.read<{ matteSha256: string }>(answer)).matteSha256;
  }

  /** Keeps the newest revision of a cutout with its photo, so that other projects are offered it. */
  async keepCutout(photoId: string, { id, name, revisions }: Cutout): Promise<void> {
    const { matteSha256, ...made } = revisions.at(-1)!;
    await this.send('PUT', `/api/photos/${photoId}/cutouts/${id}/revisions/${matteSha256}`, { name, ...made });
  }

  searchLibrary(words: string, page: number, signal: AbortSignal): Promise<LibraryPage> {
    return this.get(`/api/library/pictures?${new URLSearchParams({ words, page: String(page) })}`, { signal });
  }

  takeFromLibrary({ id, title, tags }: LibraryPicture): Promise<StoredPhoto> {
    return this.send('POST', `/api/library/pictures/${id}`, { title, tags });
  }

  async templates(): Promise<TemplateSummary[]> {
    return (await this.get<{ templates: TemplateSummary[] }>('/api/templates')).templates;
  }

  template(id: string): Promise<StoredTemplate> {
    return this.get(`/api/templates/${id}`);
  }

  addTemplate(template: StoredTemplate): Promise<{ id: string }> {
    return this.send('POST', '/api/templates', template);
  }

  renameTemplate(id: string, name: string): Promise<void> {
    return this.send('PATCH', `/api/templates/${id}`, { name });
  }

  removeTemplate(id: string): Promise<void> {
    return this.send('DELETE', `/api/templates/${id}`);
  }

  beginFromTemplate(id: string): Promise<StoredProject> {
    return this.send('POST', `/api/templates/${id}/projects`);
  }

  /** @param onProgress - gets the share that has left, 0 to 1 */
  upload(file: File, onProgress: (share: number) => void): Promise<UploadedFile> {
    return upload(file, onProgress);
  }
}
