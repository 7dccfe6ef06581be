import { Injectable } from '@angular/core';
import type { OwnFace, OwnOutline } from '@kadrosyn/contract';
import type { Style } from '@kadrosyn/core';
import { Requests } from './requests';

/** What a workspace has of its own besides projects and photos: outlines, styles, fonts. */
@Injectable({ providedIn: 'root' })
export class OwnServer extends Requests {
  async outlines(): Promise<OwnOutline[]> {
    return (await this.get<{ outlines: OwnOutline[] }>('/api/outlines')).outlines;
  }

  addOutline(outline: Omit<OwnOutline, 'id'>): Promise<OwnOutline> {
    return this.send('POST', '/api/outlines', outline);
  }

  renameOutline(id: string, name: string): Promise<OwnOutline> {
    return this.send('PATCH', `/api/outlines/${id}`, { name });
  }

  async styles(): Promise<Style[]> {
    return (await this.get<{ styles: Style[] }>('/api/styles')).styles;
  }

  addStyle(style: Omit<Style, 'id' | 'revision'>): Promise<Style> {
    return this.send('POST', '/api/styles', style);
  }

  changeStyle(id: string, change: Partial<Omit<Style, 'id' | 'revision'>>): Promise<Style> {
    return this.send('PATCH', `/api/styles/${id}`, change);
  }

  removeStyle(id: string): Promise<void> {
    return this.send('DELETE', `/api/styles/${id}`);
  }

  removeOutline(id: string): Promise<void> {
    return this.send('DELETE', `/api/outlines/${id}`);
  }

  async faces(): Promise<OwnFace[]> {
    return (await this.get<{ faces: OwnFace[] }>('/api/faces')).faces;
  }

  /** The font file of a face of one's own; undefined where there is none. */
  async addFace(file: File): Promise<OwnFace> {
    const form = new FormData();
    form.append('file', file, file.name);
    return this.read<OwnFace>(await fetch('/api/faces', { method: 'POST', body: form }));
  }

  removeFace(id: string): Promise<void> {
    return this.send('DELETE', `/api/faces/${id}`);
  }
}
