import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Server } from '../api/server';

/** Set on the way from a template to its project: the first place to fill is chosen then. */
export interface BegunState {
  readonly begun?: boolean;
}

/** Begins projects from templates. */
@Injectable({ providedIn: 'root' })
export class BeginFromTemplate {
  private readonly server = inject(Server);
  private readonly router = inject(Router);

  /** @throws Fault when it could not be begun. */
  async begin(templateId: string): Promise<void> {
    const { id } = await this.server.beginFromTemplate(templateId);
    const state: BegunState = { begun: true };
    await this.router.navigate(['/projects', id], { state });
  }
}
