import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  FaultSchema,
  IdParams,
  NewProjectSchema,
  NothingSchema,
  PageQuery,
  ProjectPageSchema,
  type ProjectSummary,
  SaveSchema,
  SavedProjectSchema,
  StoredProjectSchema,
} from '@kadrosyn/contract';
import { newProject, PROJECT_VERSION, type Edit } from '@kadrosyn/core';
import type { FastifyReply } from 'fastify';
import { FileSchema, pageAsked } from '../route-schemas.js';
import { CodedError } from '../coded-error.js';
import { requireRoomForProject } from '../quota-check.js';
import type { Services } from '../services.js';
import { MOST_DOCUMENT } from './documents.js';
import type { StoredProject } from './project-store.js';
import type { ProjectSummaryRow } from './project-summary.js';

/** Listing, creating, reading, saving and removing projects, and their pictures. */
export const projectRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.get(
    '/api/projects',
    {
      schema: {
        querystring: PageQuery,
        response: { 200: ProjectPageSchema, '4xx': FaultSchema },
      },
    },
    async ({ workspaceId, query }) => {
      const { rows, next } = await services.projects(workspaceId).list(pageAsked(query));
      return { projects: rows.map(shownSummary), next };
    },
  );

  app.post(
    '/api/projects',
    { bodyLimit: MOST_DOCUMENT, schema: { body: NewProjectSchema, response: { 201: StoredProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { body } = request;
      const document = 'document' in body ? body.document : newProject(body.name, body.size);
      const store = services.projects(request.workspaceId);
      await requireRoomForProject(store, services.config.quotas);
      return sendProject(reply.code(201), await store.create(document));
    },
  );

  app.get(
    '/api/projects/:id',
    { schema: { params: IdParams, response: { 200: StoredProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => sendProject(reply, await services.projects(request.workspaceId).read(request.params.id)),
  );

  app.post(
    '/api/projects/:id/edits',
    {
      bodyLimit: MOST_DOCUMENT,
      schema: { params: IdParams, body: SaveSchema, response: { 200: SavedProjectSchema, '4xx': FaultSchema } },
    },
    async (request) => {
      const { revision, version, edits, saveId } = request.body;
      if (version !== PROJECT_VERSION) throw otherVersion(version);
      const store = services.projects(request.workspaceId);
      const saved = await store.save(request.params.id, { revision, edits: edits as unknown as Edit[], saveId });
      services.pictures.afterSave(request.workspaceId, request.params.id);
      const others = saved.others.length > 0 ? { others: saved.others } : {};
      return { revision: saved.revision, updatedAt: saved.updatedAt.toISOString(), ...others };
    },
  );

  app.post(
    '/api/projects/:id/copies',
    { schema: { params: IdParams, response: { 201: StoredProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const store = services.projects(request.workspaceId);
      await requireRoomForProject(store, services.config.quotas);
      return sendProject(reply.code(201), await store.duplicate(request.params.id));
    },
  );

  app.delete(
    '/api/projects/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.projects(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.post(
    '/api/projects/:id/return',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.projectBin(request.workspaceId).restore(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.get(
    '/api/projects/:id/thumbnail',
    { schema: { params: IdParams, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { id } = request.params;
      const { bytes, revision } = await services.pictures.ofProject(request.workspaceId, id);
      return reply
        .type('image/png')
        .header('cache-control', 'private, no-cache')
        .header('etag', `"${id}-${revision}"`)
        .send(bytes);
    },
  );
};

/** What lists say of a project. */
export function shownSummary({
  id,
  name,
  revision,
  updatedAt,
  sheets,
  unit,
  width,
  height,
  dpi,
}: ProjectSummaryRow): ProjectSummary {
  return { id, name, revision, updatedAt: updatedAt.toISOString(), sheets, unit, width, height, dpi };
}

/** Answers with a project. Its document is JSON already, and is sent as it is. */
export function sendProject(reply: FastifyReply, { id, revision, updatedAt, json }: StoredProject): FastifyReply {
  const head = JSON.stringify({ id, revision, updatedAt: updatedAt.toISOString() });
  return reply.type('application/json; charset=utf-8').send(`${head.slice(0, -1)},"document":${json}}`);
}

/** A window of another version than the server keeps what it did, and translates it when it is loaded again. */
function otherVersion(version = 0): CodedError {
  const older =
    'The application was renewed since this window was opened. What you did is kept in this window: reload it to go on.';
  const newer =
    'This window is of a newer version than the server. What you did is kept in this window: start the server anew, then reload.';
  return new CodedError(409, 'other-version', version < PROJECT_VERSION ? older : newer, { version: PROJECT_VERSION });
}
