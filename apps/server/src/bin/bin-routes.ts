import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { BinSchema, FaultSchema, IdParams, NothingSchema } from '@kadrosyn/contract';
import { CodedError } from '../coded-error.js';
import { shownPhoto } from '../photos/photo-routes.js';
import { shownSummary } from '../projects/project-routes.js';
import type { Services } from '../services.js';
import { DAYS_KEPT, removePhotosForGood } from './sweep.js';

/** What was removed and can still be brought back, and taking it away for good. */
export const binRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get('/api/bin', { schema: { response: { 200: BinSchema } } }, async ({ workspaceId }) => {
    const [projects, photos] = await Promise.all([
      services.projectBin(workspaceId).list(),
      services.photos(workspaceId).removed(),
    ]);
    return {
      days: DAYS_KEPT,
      projects: projects.map((project) => ({ ...shownSummary(project), removedAt: project.removedAt!.toISOString() })),
      photos: photos.map((photo) => ({ ...shownPhoto(photo), removedAt: photo.removedAt!.toISOString() })),
    };
  });

  app.delete('/api/bin', { schema: { response: { 204: NothingSchema } } }, async ({ workspaceId }, reply) => {
    await services.projectBin(workspaceId).removeForGood();
    await removePhotosForGood(services.db, workspaceId);
    return reply.code(204).send(null);
  });

  app.delete(
    '/api/bin/projects/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async ({ workspaceId, params }, reply) => {
      await services.projectBin(workspaceId).removeForGood(params.id);
      return reply.code(204).send(null);
    },
  );

  app.delete(
    '/api/bin/photos/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async ({ workspaceId, params }, reply) => {
      const gone = await removePhotosForGood(services.db, workspaceId, params.id);
      if (gone.length > 0) return reply.code(204).send(null);
      const message = 'The photo stays: it is not in the bin, or a project or template still shows it. Nothing was changed.';
      throw new CodedError(409, 'still-shown', message);
    },
  );
};
