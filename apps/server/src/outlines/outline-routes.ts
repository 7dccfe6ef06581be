import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  FaultSchema,
  IdParams,
  NewOutlineSchema,
  NothingSchema,
  OutlineListSchema,
  OutlineNameSchema,
  OwnOutlineSchema,
} from '@kadrosyn/contract';
import type { Services } from '../services.js';

/** Listing, keeping, renaming and removing outlines of one's own. Projects carry copies: nothing changes in them. */
export const outlineRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get('/api/outlines', { schema: { response: { 200: OutlineListSchema } } }, async (request) => ({
    outlines: await services.outlines(request.workspaceId).list(),
  }));

  app.post(
    '/api/outlines',
    { schema: { body: NewOutlineSchema, response: { 201: OwnOutlineSchema, '4xx': FaultSchema } } },
    async (request, reply) => reply.code(201).send(await services.outlines(request.workspaceId).add(request.body)),
  );

  app.patch(
    '/api/outlines/:id',
    {
      schema: {
        params: IdParams,
        body: OutlineNameSchema,
        response: { 200: OwnOutlineSchema, '4xx': FaultSchema },
      },
    },
    async (request) => services.outlines(request.workspaceId).rename(request.params.id, request.body.name),
  );

  app.delete(
    '/api/outlines/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.outlines(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );
};
