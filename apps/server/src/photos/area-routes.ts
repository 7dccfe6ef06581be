import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  AreaListSchema,
  AreaParams,
  AreaSchema,
  FaultSchema,
  IdParams,
  MockupListSchema,
  NewAreaSchema,
  NothingSchema,
} from '@kadrosyn/contract';
import { isPart } from '@kadrosyn/core';
import { CodedError, notFound } from '../coded-error.js';
import type { Services } from '../services.js';

/** Bytes of an outline that one area may have. */
const MOST_FORM = 2 ** 20;

/** Keeping the areas of photos, so that every project is offered them. */
export const areaRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/photos/:id/areas',
    { schema: { params: IdParams, response: { 200: AreaListSchema, '4xx': FaultSchema } } },
    async (request) => ({
      areas: await services.areas(request.workspaceId).list(request.params.id),
    }),
  );

  app.get('/api/mockups', { schema: { response: { 200: MockupListSchema, '4xx': FaultSchema } } }, async (request) => ({
    mockups: await services.areas(request.workspaceId).mockups(),
  }));

  app.put(
    '/api/photos/:id/areas/:areaId',
    {
      bodyLimit: MOST_FORM,
      schema: { params: AreaParams, body: NewAreaSchema, response: { 200: AreaSchema, '4xx': FaultSchema } },
    },
    async (request) => {
      const { id, areaId } = request.params;
      const area = { id: areaId, ...request.body };
      if (!isPart('area', area)) throw new CodedError(422, 'no-area', 'This is no area that can be kept. Nothing was changed.');
      const { matteSha256, plateSha256 } = area.front ?? {};
      const needed = [matteSha256, plateSha256].filter((sha256) => sha256 !== undefined);
      const missing = await services
        .cutouts(request.workspaceId)
        .missing(needed.map((one) => ({ photoId: id, matteSha256: one })));
      if (missing.length > 0) throw notFound('What stands in front of the area');
      return services.areas(request.workspaceId).keep(id, area);
    },
  );

  app.delete(
    '/api/photos/:id/areas/:areaId',
    { schema: { params: AreaParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.areas(request.workspaceId).remove(request.params.id, request.params.areaId);
      return reply.code(204).send(null);
    },
  );
};
