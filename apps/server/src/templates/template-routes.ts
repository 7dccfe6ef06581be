import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { Type } from 'typebox';
import { MOST_DOCUMENT } from '../projects/documents.js';
import { ProjectSchema, sendProject } from '../projects/project-routes.js';
import { requireRoomForProject } from '../quota-check.js';
import { FaultSchema, FileSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

const Params = Type.Object({ id: IdSchema });
const Name = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' });
const STRICT = { additionalProperties: false };

const SummarySchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  words: Type.String(),
  shipped: Type.Boolean(),
  sheets: Type.Integer(),
  unit: Type.String(),
  width: Type.Number(),
  height: Type.Number(),
  dpi: Type.Number(),
});
const NewSchema = Type.Object({ name: Name, words: Type.String({ maxLength: 500 }), document: Type.Object({}) }, STRICT);

/** Listing, keeping, renaming and removing templates, their pictures, and beginning projects from them. */
export const templateRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/templates',
    { schema: { response: { 200: Type.Object({ templates: Type.Array(SummarySchema) }) } } },
    async (request) => ({ templates: await services.templates(request.workspaceId).list() }),
  );

  app.get(
    '/api/templates/:id',
    {
      schema: {
        params: Params,
        response: {
          200: Type.Object({ name: Type.String(), words: Type.String(), document: Type.Unknown() }),
          '4xx': FaultSchema,
        },
      },
    },
    async (request) => services.templates(request.workspaceId).read(request.params.id),
  );

  app.post(
    '/api/templates',
    {
      bodyLimit: MOST_DOCUMENT,
      schema: { body: NewSchema, response: { 201: Type.Object({ id: IdSchema }), '4xx': FaultSchema } },
    },
    async (request, reply) => reply.code(201).send({ id: await services.templates(request.workspaceId).add(request.body) }),
  );

  app.patch(
    '/api/templates/:id',
    {
      schema: {
        params: Params,
        body: Type.Object({ name: Name }, STRICT),
        response: { 204: Type.Null(), '4xx': FaultSchema },
      },
    },
    async (request, reply) => {
      await services.templates(request.workspaceId).rename(request.params.id, request.body.name);
      return reply.code(204).send(null);
    },
  );

  app.delete(
    '/api/templates/:id',
    { schema: { params: Params, response: { 204: Type.Null(), '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.templates(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.post(
    '/api/templates/:id/projects',
    { schema: { params: Params, response: { 201: ProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { name, document } = await services.templates(request.workspaceId).read(request.params.id);
      const projects = services.projects(request.workspaceId);
      await requireRoomForProject(projects, services.config.quotas);
      const project = await projects.create({ ...document, name });
      return sendProject(reply.code(201), project);
    },
  );

  app.get(
    '/api/templates/:id/thumbnail',
    { schema: { params: Params, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const bytes = await services.pictures.ofTemplate(request.workspaceId, request.params.id);
      // A template never changes but for its name.
      return reply.type('image/png').header('cache-control', 'private, max-age=31536000, immutable').send(bytes);
    },
  );
};
