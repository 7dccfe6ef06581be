import type { FastifyBaseLogger } from 'fastify';
import type { Config } from './config.js';
import type { Database } from './database/connect.js';
import type { ExportJobs } from './exports/export-jobs.js';
import { ExportStore } from './exports/export-store.js';
import type { LibraryClient } from './library/library-client.js';
import { FaceStore } from './faces/face-store.js';
import { OutlineStore } from './outlines/outline-store.js';
import { AreaStore } from './photos/area-store.js';
import { CutoutStore } from './photos/cutout-store.js';
import { PhotoStore } from './photos/photo-store.js';
import { Documents } from './projects/documents.js';
import { ProjectBin } from './projects/project-bin.js';
import { ProjectPictures } from './projects/project-pictures.js';
import { ProjectStore } from './projects/project-store.js';
import { StyleStore } from './styles/style-store.js';
import { TemplateStore } from './templates/template-store.js';
import type { TaskPools } from './tasks/task-pools.js';

interface Given {
  readonly config: Config;
  readonly db: Database;
  readonly tasks: TaskPools;
  readonly exportJobs: ExportJobs;
  readonly library: LibraryClient;
}

/** What the routes work with. Stores are made for the workspace of the request, so that no query can leave it. */
export class Services {
  readonly documents: Documents;
  readonly pictures: ProjectPictures;

  readonly config: Config;
  readonly db: Database;
  readonly tasks: TaskPools;
  readonly exportJobs: ExportJobs;
  readonly library: LibraryClient;

  constructor(given: Given, log: FastifyBaseLogger) {
    ({ config: this.config, db: this.db, tasks: this.tasks, exportJobs: this.exportJobs, library: this.library } = given);
    this.documents = new Documents(given.tasks);
    this.pictures = new ProjectPictures(this, log);
  }

  photos(workspaceId: string): PhotoStore {
    return new PhotoStore(this.db, workspaceId);
  }

  areas(workspaceId: string): AreaStore {
    return new AreaStore(this.db, workspaceId);
  }

  cutouts(workspaceId: string): CutoutStore {
    return new CutoutStore(this.db, workspaceId);
  }

  projects(workspaceId: string): ProjectStore {
    return new ProjectStore(this.db, workspaceId, this.photos(workspaceId), this.cutouts(workspaceId), this.documents);
  }

  projectBin(workspaceId: string): ProjectBin {
    return new ProjectBin(this.db, workspaceId);
  }

  templates(workspaceId: string): TemplateStore {
    return new TemplateStore(this.db, workspaceId, this.projects(workspaceId), this.documents);
  }

  faces(workspaceId: string): FaceStore {
    return new FaceStore(this.db, workspaceId);
  }

  outlines(workspaceId: string): OutlineStore {
    return new OutlineStore(this.db, workspaceId, this.tasks);
  }

  styles(workspaceId: string): StyleStore {
    return new StyleStore(this.db, workspaceId);
  }

  exports(workspaceId: string): ExportStore {
    return new ExportStore(this.db, workspaceId);
  }
}
