import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import type { Developing, Finish } from '@kadrosyn/core';
import { Type } from 'typebox';
import { FaultSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

const Name = Type.String({ minLength: 1, maxLength: 200 });
const Side = Type.Number({ minimum: 1, maximum: 30_000 });
/** What it holds is checked against the schema of the project when it is kept. */
const FinishSchema = Type.Unsafe<Finish>(Type.Object({}, { additionalProperties: true }));
const DevelopingSchema = Type.Unsafe<Developing>(Type.Object({}, { additionalProperties: true }));
const StyleSchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  revision: Type.Integer(),
  side: Type.Number(),
  finish: FinishSchema,
  developing: Type.Optional(DevelopingSchema),
});
const NewSchema = Type.Object(
  { name: Name, side: Side, finish: FinishSchema, developing: Type.Optional(DevelopingSchema) },
  { additionalProperties: false },
);
const Params = Type.Object({ id: IdSchema });

/** Listing, keeping, changing and removing the styles of a workspace. Projects carry copies: nothing changes in them by itself. */
export const styleRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/styles',
    { schema: { response: { 200: Type.Object({ styles: Type.Array(StyleSchema) }) } } },
    async (request) => ({ styles: await services.styles(request.workspaceId).list() }),
  );

  app.post(
    '/api/styles',
    { schema: { body: NewSchema, response: { 201: StyleSchema, '4xx': FaultSchema } } },
    async (request, reply) => reply.code(201).send(await services.styles(request.workspaceId).add(request.body)),
  );

  app.patch(
    '/api/styles/:id',
    {
      schema: {
        params: Params,
        body: Type.Partial(NewSchema, { additionalProperties: false, minProperties: 1 }),
        response: { 200: StyleSchema, '4xx': FaultSchema },
      },
    },
    async (request) => services.styles(request.workspaceId).change(request.params.id, request.body),
  );

  app.delete(
    '/api/styles/:id',
    { schema: { params: Params, response: { 204: Type.Null(), '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.styles(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );
};
