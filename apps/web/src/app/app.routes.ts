import type { Routes } from '@angular/router';

export const APP_ROUTES: Routes = [
  {
    path: '',
    title: 'Projects · Kadrosyn',
    loadComponent: () => import('./projects/projects-page.component').then((m) => m.ProjectsPageComponent),
  },
  {
    path: 'templates',
    title: 'Templates · Kadrosyn',
    loadComponent: () => import('./templates/templates-page.component').then((m) => m.TemplatesPageComponent),
  },
  {
    path: 'projects/:projectId',
    loadChildren: () => import('./editor/editor.routes').then((m) => m.EDITOR_ROUTES),
  },
  { path: '**', redirectTo: '' },
];
