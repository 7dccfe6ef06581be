import { test as base } from '@playwright/test';
import { madeProjects } from './made-projects.js';

export { expect, type Locator, type Page } from '@playwright/test';

/**
 * A journey that takes the projects that it made away again. Journeys share one application, whose page of projects draws a picture of each: what
 * earlier journeys left made every later one slower.
 */
export const test = base.extend<{ tidied: undefined }>({
  tidied: [
    async ({ context, request }, use) => {
      const address = process.env['KADROSYN_ADDRESS']!;
      const made: Promise<unknown>[] = [];
      context.on('response', (response) => {
        const isMade = response.status() === 201 && /\/api\/(projects(\/[^/]+\/copies)?|kadro)$/.test(response.url());
        if (!isMade || !response.url().startsWith(address)) return;
        // A page that is closed at once takes its answers along.
        const keep = response.json().then(
          ({ id }: { id: string }) => madeProjects.add(id),
          () => undefined,
        );
        made.push(keep);
      });
      await use(undefined);
      await Promise.all(made);
      for (const id of madeProjects) {
        await request.delete(`${address}/api/projects/${id}`);
        await request.delete(`${address}/api/bin/projects/${id}`);
      }
      madeProjects.clear();
    },
    { auto: true },
  ],
});
