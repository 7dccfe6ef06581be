import { Injectable } from '@angular/core';
import type { ExportList, ExportRequest, ExportStatus, Sizes, SizesRequest } from '@kadrosyn/contract';
import { Requests } from './requests';

/** What the server writes: asked for, followed, fetched. */
@Injectable({ providedIn: 'root' })
export class ExportServer extends Requests {
  request(projectId: string, request: ExportRequest): Promise<ExportStatus> {
    return this.send('POST', `/api/projects/${projectId}/exports`, request);
  }

  status(id: string): Promise<ExportStatus> {
    return this.get(`/api/exports/${id}`);
  }

  /** Those of a project within a day, newest first. */
  async list(projectId: string): Promise<ExportStatus[]> {
    return (await this.get<ExportList>(`/api/projects/${projectId}/exports`)).exports;
  }

  /** Where the file of an export is. @param isShown - in the browser, rather than among the downloads */
  file(id: string, isShown = false): string {
    return `/api/exports/${id}/file${isShown ? '?show=true' : ''}`;
  }

  /** How large the file of a sheet is, quality by quality. */
  async sizes(projectId: string, request: SizesRequest, signal: AbortSignal): Promise<Sizes['sizes']> {
    return (await this.send<Sizes>('POST', `/api/projects/${projectId}/export-sizes`, request, { signal })).sizes;
  }

  cancel(id: string): Promise<void> {
    return this.send('DELETE', `/api/exports/${id}`);
  }
}
