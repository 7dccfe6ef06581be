import type { Edit, FaceAxes, Photo, Project, Unit } from '@kadrosyn/core';

/** A photo of the workspace as the server lists it. */
export type StoredPhoto = Pick<Photo, 'id' | 'sha256' | 'name' | 'width' | 'height' | 'focus'> & {
  readonly screenLevel: number;
  /** It has clear places. */
  readonly clear: boolean;
  readonly tags: readonly string[];
  readonly addedAt: string;
};

/** What the server answers to a save. */
export interface SavedProject {
  readonly revision: number;
  readonly updatedAt: string;
  /** What others saved meanwhile, as it must read after the edits of the save; absent where there was nothing. */
  readonly others?: readonly Edit[];
}

/** Where a photo is used. */
export interface PhotoUses {
  readonly projects: readonly { readonly id: string; readonly name: string }[];
  readonly templates: readonly string[];
}

/** A picture of the picture library. */
export interface LibraryPicture {
  readonly id: string;
  readonly title: string;
  readonly tags: readonly string[];
  readonly width: number;
  readonly height: number;
}

/** One page of what the picture library found. */
export interface LibraryPage {
  readonly total: number;
  readonly page: number;
  readonly pages: number;
  readonly pictures: readonly LibraryPicture[];
}

export interface TemplateSummary {
  readonly id: string;
  readonly name: string;
  /** More words by which it is found. */
  readonly words: string;
  /** It came with the application. */
  readonly shipped: boolean;
  readonly sheets: number;
  readonly unit: Unit;
  readonly width: number;
  readonly height: number;
  readonly dpi: number;
}

/** A template with its document. */
export interface StoredTemplate {
  readonly name: string;
  readonly words: string;
  readonly document: Project;
}

export interface ProjectSummary {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly updatedAt: string;
  readonly sheets: number;
  readonly unit: Unit;
  readonly width: number;
  readonly height: number;
  readonly dpi: number;
}

export interface StoredProject {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
  readonly document: Project;
}

export interface UploadedFile {
  readonly fileName: string;
  readonly photo?: StoredPhoto;
  readonly error?: { readonly code: string; readonly message: string };
}

export interface ExportRequest {
  readonly sheetId: string;
  readonly scale: number;
  readonly type: 'png' | 'jpeg';
  readonly quality: number;
}

export interface ExportStatus {
  readonly id: string;
  readonly state: 'waiting' | 'running' | 'done' | 'failed' | 'cancelled';
  readonly progress: number;
  readonly message: string | null;
}

/** An outline of the workspace's own. */
export interface OwnOutline {
  readonly id: string;
  readonly name: string;
  /** Path data in shares of the box. */
  readonly d: string;
  /** Width for a height of 1. */
  readonly proportion: number;
}

/** A lettering face of the workspace's own. */
export interface OwnFace {
  readonly id: string;
  readonly name: string;
  readonly axes: FaceAxes;
  /** Id of the shipped face that looks most like it. */
  readonly similar: string;
}

/** What was removed and can still be brought back. */
export interface Bin {
  /** How many days things lie here. */
  readonly days: number;
  readonly projects: readonly (ProjectSummary & { readonly removedAt: string })[];
  readonly photos: readonly (StoredPhoto & { readonly removedAt: string })[];
}
