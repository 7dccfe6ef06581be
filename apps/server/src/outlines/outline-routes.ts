import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { Type } from 'typebox';
import { FaultSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

const Name = Type.String({ minLength: 1, maxLength: 200 });
const OutlineSchema = Type.Object({ id: IdSchema, name: Type.String(), d: Type.String(), proportion: Type.Number() });
const NewSchema = Type.Object(
  {
    name: Name,
    d: Type.String({ minLength: 1, maxLength: 200_000 }),
    proportion: Type.Number({ minimum: 0.001, maximum: 1000 }),
  },
  { additionalProperties: false },
);
const Params = Type.Object({ id: IdSchema });

/** Listing, keeping, renaming and removing outlines of one's own. Projects carry copies: nothing changes in them. */
export const outlineRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/outlines',
    { schema: { response: { 200: Type.Object({ outlines: Type.Array(OutlineSchema) }) } } },
    async (request) => ({ outlines: await services.outlines(request.workspaceId).list() }),
  );

  app.post(
    '/api/outlines',
    { schema: { body: NewSchema, response: { 201: OutlineSchema, '4xx': FaultSchema } } },
    async (request, reply) => reply.code(201).send(await services.outlines(request.workspaceId).add(request.body)),
  );

  app.patch(
    '/api/outlines/:id',
    {
      schema: {
        params: Params,
        body: Type.Object({ name: Name }, { additionalProperties: false }),
        response: { 200: OutlineSchema, '4xx': FaultSchema },
      },
    },
    async (request) => services.outlines(request.workspaceId).rename(request.params.id, request.body.name),
  );

  app.delete(
    '/api/outlines/:id',
    { schema: { params: Params, response: { 204: Type.Null(), '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.outlines(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );
};
