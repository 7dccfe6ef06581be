import { inject } from '@angular/core';
import { patchState, signalStore, withMethods } from '@ngrx/signals';
import { setAllEntities, withEntities } from '@ngrx/signals/entities';
import { changeProject, type Project, type SheetSize } from '@kadrosyn/core';
import type { ProjectSummary } from '@kadrosyn/contract';
import { withRequestState } from '../api/request-state';
import { Server } from '../api/server';

/** The projects of the workspace, last changed first. What is done with one is read back: the server says the order. */
export const Projects = signalStore(
  { providedIn: 'root' },
  withEntities<ProjectSummary>(),
  withRequestState(),
  withMethods((store, server = inject(Server)) => {
    const load = (): Promise<void> => store._read(async () => patchState(store, setAllEntities([...(await server.projects())])));
    return {
      load,

      /** @returns the id of a new project. @throws Fault */
      async create(name: string, size: SheetSize): Promise<string> {
        return (await server.createProject(name, size)).id;
      },

      /** @returns the id of a project that begins as the document says. @throws Fault */
      async createFrom(document: Project): Promise<string> {
        return (await server.createFrom(document)).id;
      },

      /** @returns the id of a project that was opened from a file. @param onProgress - gets the share that has left, 0 to 1 @throws Fault */
      async openFile(file: File, onProgress: (share: number) => void): Promise<string> {
        return (await server.openProjectFile(file, onProgress)).id;
      },

      /** Where a project is as one file. */
      file: (id: string): string => server.projectFile(id),

      /** @throws Fault */
      async rename(id: string, name: string): Promise<void> {
        const { revision, document } = await server.project(id);
        await server.saveEdits(id, revision, [changeProject(document, { name }, 'Rename')]);
        await load();
      },

      /** @throws Fault */
      async duplicate(id: string): Promise<void> {
        await server.duplicateProject(id);
        await load();
      },

      /** Puts a project into the bin. @throws Fault */
      async remove(id: string): Promise<void> {
        await server.removeProject(id);
        await load();
      },

      /** Takes a project out of the bin. @throws Fault */
      async bringBack(id: string): Promise<void> {
        await server.returnProject(id);
        await load();
      },
    };
  }),
);
export type Projects = InstanceType<typeof Projects>;
