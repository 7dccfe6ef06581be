import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  FaultSchema,
  IdParams,
  NewStyleSchema,
  NothingSchema,
  StyleChangeSchema,
  StyleListSchema,
  StyleSchema,
} from '@kadrosyn/contract';
import type { Services } from '../services.js';

/** Listing, keeping, changing and removing the styles of a workspace. Projects carry copies: nothing changes in them by itself. */
export const styleRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get('/api/styles', { schema: { response: { 200: StyleListSchema } } }, async (request) => ({
    styles: await services.styles(request.workspaceId).list(),
  }));

  app.post(
    '/api/styles',
    { schema: { body: NewStyleSchema, response: { 201: StyleSchema, '4xx': FaultSchema } } },
    async (request, reply) => reply.code(201).send(await services.styles(request.workspaceId).add(request.body)),
  );

  app.patch(
    '/api/styles/:id',
    {
      schema: {
        params: IdParams,
        body: StyleChangeSchema,
        response: { 200: StyleSchema, '4xx': FaultSchema },
      },
    },
    async (request) => services.styles(request.workspaceId).change(request.params.id, request.body),
  );

  app.delete(
    '/api/styles/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.styles(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );
};
