import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { newProject, type Edit } from '@kadrosyn/core';
import { Type } from 'typebox';
import { FaultSchema, FileSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';
import { drawThumbnail } from './draw-thumbnail.js';
import type { StoredProject } from './project-store.js';

const Params = Type.Object({ id: IdSchema });

const SummarySchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  revision: Type.Integer(),
  updatedAt: Type.String(),
  sheets: Type.Integer(),
  unit: Type.String(),
  width: Type.Number(),
  height: Type.Number(),
  dpi: Type.Number(),
});

export const ProjectSchema = Type.Object({
  id: IdSchema,
  revision: Type.Integer(),
  updatedAt: Type.String(),
  document: Type.Unknown(),
});

const STRICT = { additionalProperties: false };

const NewSchema = Type.Union([
  Type.Object(
    {
      name: Type.String({ minLength: 1, maxLength: 200 }),
      size: Type.Object(
        {
          width: Type.Number({ exclusiveMinimum: 0 }),
          height: Type.Number({ exclusiveMinimum: 0 }),
          unit: Type.Union([Type.Literal('px'), Type.Literal('mm'), Type.Literal('in')]),
          dpi: Type.Optional(Type.Number({ minimum: 1, maximum: 2400 })),
        },
        STRICT,
      ),
    },
    STRICT,
  ),
  Type.Object({ document: Type.Object({}) }, STRICT),
]);

const SavedSchema = Type.Object({ revision: Type.Integer(), updatedAt: Type.String() });

// What an operation holds is checked by applying it and validating the whole document that results.
const EditsSchema = Type.Object(
  {
    revision: Type.Integer({ minimum: 1 }),
    edits: Type.Array(
      Type.Object(
        {
          name: Type.String({ maxLength: 300 }),
          operations: Type.Array(Type.Object({ type: Type.String() }), { maxItems: 10_000 }),
        },
        STRICT,
      ),
      { minItems: 1, maxItems: 1000 },
    ),
  },
  STRICT,
);

/** Listing, creating, reading, saving and removing projects, and their pictures. */
export const projectRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/projects',
    { schema: { response: { 200: Type.Object({ projects: Type.Array(SummarySchema) }) } } },
    async (request) => {
      const projects = await services.projects(request.workspaceId).list();
      return { projects: projects.map((project) => ({ ...project, updatedAt: project.updatedAt.toISOString() })) };
    },
  );

  app.post(
    '/api/projects',
    { schema: { body: NewSchema, response: { 201: ProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { body } = request;
      const document = 'document' in body ? body.document : newProject(body.name, body.size);
      return reply.code(201).send(shownProject(await services.projects(request.workspaceId).create(document)));
    },
  );

  app.get(
    '/api/projects/:id',
    { schema: { params: Params, response: { 200: ProjectSchema, '4xx': FaultSchema } } },
    async (request) => shownProject(await services.projects(request.workspaceId).read(request.params.id)),
  );

  app.post(
    '/api/projects/:id/edits',
    {
      bodyLimit: 16 * 2 ** 20,
      schema: { params: Params, body: EditsSchema, response: { 200: SavedSchema, '4xx': FaultSchema } },
    },
    async (request) => {
      const { revision, edits } = request.body;
      const saved = await services.projects(request.workspaceId).save(request.params.id, revision, edits as unknown as Edit[]);
      return { revision: saved.revision, updatedAt: saved.updatedAt.toISOString() };
    },
  );

  app.post(
    '/api/projects/:id/copies',
    { schema: { params: Params, response: { 201: ProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) =>
      reply.code(201).send(shownProject(await services.projects(request.workspaceId).duplicate(request.params.id))),
  );

  app.delete(
    '/api/projects/:id',
    { schema: { params: Params, response: { 204: Type.Null(), '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.projects(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.get(
    '/api/projects/:id/thumbnail',
    { schema: { params: Params, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const store = services.projects(request.workspaceId);
      const { id, document, revision } = await store.read(request.params.id);
      const kept = await store.thumbnail(id);
      const bytes = kept?.revision === revision ? kept.bytes : await drawThumbnail(services, request.workspaceId, document);
      if (kept?.revision !== revision) await store.keepThumbnail(id, revision, bytes);
      return reply
        .type('image/png')
        .header('cache-control', 'private, no-cache')
        .header('etag', `"${id}-${revision}"`)
        .send(bytes);
    },
  );
};

/** A project as the routes answer it. */
export function shownProject({ id, revision, updatedAt, document }: StoredProject) {
  return { id, revision, updatedAt: updatedAt.toISOString(), document };
}
