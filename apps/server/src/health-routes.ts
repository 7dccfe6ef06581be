import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { FaultSchema, HealthSchema, RoomSchema } from '@kadrosyn/contract';
import { sql } from 'drizzle-orm';
import type { Services } from './services.js';

/** Whether all is well, asked by ./start every few seconds; and how much room there is. */
export const healthRoutes: FastifyPluginAsyncTypebox<{ services: Services; workspaceName: string }> = async (
  app,
  { services, workspaceName },
) => {
  app.get('/api/health', { schema: { response: { 200: HealthSchema, '5xx': FaultSchema } } }, async () => {
    await services.db.execute(sql`select 1`);
    return { state: 'ready' as const, workspace: workspaceName };
  });

  app.get('/api/health/room', { schema: { response: { 200: RoomSchema, '5xx': FaultSchema } } }, async ({ workspaceId }) => {
    const { quotas } = services.config;
    const [{ photos, bytes }, projects] = await Promise.all([
      services.photos(workspaceId).amount(),
      services.projects(workspaceId).count(),
    ]);
    return {
      photos: { here: photos, most: quotas.photos },
      projects: { here: projects, most: quotas.projects },
      bytes: { here: bytes, most: quotas.bytes },
      requests: { most: quotas.requests },
    };
  });
};
