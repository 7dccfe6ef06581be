import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  FaultSchema,
  IdParams,
  NewTemplateSchema,
  NothingSchema,
  StoredProjectSchema,
  StoredTemplateSchema,
  TemplateAddedSchema,
  TemplateListSchema,
  TemplateNameSchema,
} from '@kadrosyn/contract';
import { MOST_DOCUMENT } from '../projects/documents.js';
import { sendProject } from '../projects/project-routes.js';
import { requireRoomForProject } from '../quota-check.js';
import { FileSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

/** Listing, keeping, renaming and removing templates, their pictures, and beginning projects from them. */
export const templateRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get('/api/templates', { schema: { response: { 200: TemplateListSchema } } }, async (request) => ({
    templates: await services.templates(request.workspaceId).list(),
  }));

  app.get(
    '/api/templates/:id',
    {
      schema: {
        params: IdParams,
        response: {
          200: StoredTemplateSchema,
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
      schema: { body: NewTemplateSchema, response: { 201: TemplateAddedSchema, '4xx': FaultSchema } },
    },
    async (request, reply) => reply.code(201).send({ id: await services.templates(request.workspaceId).add(request.body) }),
  );

  app.patch(
    '/api/templates/:id',
    {
      schema: {
        params: IdParams,
        body: TemplateNameSchema,
        response: { 204: NothingSchema, '4xx': FaultSchema },
      },
    },
    async (request, reply) => {
      await services.templates(request.workspaceId).rename(request.params.id, request.body.name);
      return reply.code(204).send(null);
    },
  );

  app.delete(
    '/api/templates/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.templates(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.post(
    '/api/templates/:id/projects',
    { schema: { params: IdParams, response: { 201: StoredProjectSchema, '4xx': FaultSchema } } },
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
    { schema: { params: IdParams, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const bytes = await services.pictures.ofTemplate(request.workspaceId, request.params.id);
      // A template never changes but for its name.
      return reply.type('image/png').header('cache-control', 'private, max-age=31536000, immutable').send(bytes);
    },
  );
};
