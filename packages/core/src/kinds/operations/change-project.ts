import type { Project } from '../../document/project.js';
import { defineOperation } from './operation-kind.js';
import { mergedChange, refittedChange, reconciledChange, withProperties, type Properties } from './properties.js';

export type ProjectProperties = Properties<Pick<Project, 'name' | 'unit' | 'swatches' | 'roles' | 'set'>>;

export interface ChangeProject {
  readonly type: 'change-project';
  readonly before: ProjectProperties;
  readonly after: ProjectProperties;
}

export const changeProject = defineOperation<'change-project', ChangeProject>({
  type: 'change-project',
  apply: (project, { after }) => withProperties(project, after),
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: () => ({ needs: [], makes: [], takes: [] }),
  merge: mergedChange,
  isSame: () => true,
  reconcile: reconciledChange,
  refit: refittedChange,
});
