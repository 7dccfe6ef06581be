import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  ExportListSchema,
  type ExportRequest,
  ExportRequestSchema,
  ExportStatusSchema,
  FaultSchema,
  IdParams,
  NothingSchema,
  SizesRequestSchema,
  SizesSchema,
} from '@kadrosyn/contract';
import type { Project } from '@kadrosyn/core';
import { ExportRefused, fileKindOf, planExport, type ExportPlan } from '@kadrosyn/export';
import { CodedError, notFound } from '../coded-error.js';
import { goneBy } from '../gone-by.js';
import { FileSchema } from '../route-schemas.js';
import { sendFile } from '../send-file.js';
import { Type } from 'typebox';
import type { Services } from '../services.js';
import { taskFor } from './export-task.js';

/** Whether the file is looked at in the browser, rather than put among the downloads. */
const ShownSchema = Type.Object({ show: Type.Optional(Type.Literal('true')) });

/** Asking for an export, following it, cancelling it, fetching the file. */
export const exportRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.post(
    '/api/projects/:id/exports',
    { schema: { params: IdParams, body: ExportRequestSchema, response: { 202: ExportStatusSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { workspaceId, body } = request;
      const projectId = request.params.id;
      const { document } = await services.projects(workspaceId).document(projectId);
      const { name, pixels } = planned(document, body);
      const store = services.exports(workspaceId);
      const id = await store.add({ request: body, name, projectId, document });
      await services.exportJobs.enqueue({ workspaceId, exportId: id }, pixels);
      return reply.code(202).send((await store.status(id))!);
    },
  );

  app.get(
    '/api/projects/:id/exports',
    { schema: { params: IdParams, response: { 200: ExportListSchema, '4xx': FaultSchema } } },
    async (request) => ({ exports: await services.exports(request.workspaceId).list(request.params.id) }),
  );

  app.post(
    '/api/projects/:id/export-sizes',
    { schema: { params: IdParams, body: SizesRequestSchema, response: { 200: SizesSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { workspaceId, body } = request;
      const { document } = await services.projects(workspaceId).document(request.params.id);
      const { sheetId, ...file } = body;
      const asked = { sheetIds: [sheetId], file };
      planned(document, asked);
      const task = await taskFor(services.db, workspaceId, document, asked);
      return services.tasks.sizes({ ...task, facesFolder: services.config.facesFolder }, { signal: goneBy(reply.raw) });
    },
  );

  app.get(
    '/api/exports/:id',
    { schema: { params: IdParams, response: { 200: ExportStatusSchema, '4xx': FaultSchema } } },
    async (request) => {
      const status = await services.exports(request.workspaceId).status(request.params.id);
      if (!status) throw notFound('The export');
      return status;
    },
  );

  app.delete(
    '/api/exports/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.exportJobs.cancel({ workspaceId: request.workspaceId, exportId: request.params.id });
      return reply.code(204).send(null);
    },
  );

  app.get(
    '/api/exports/:id/file',
    { schema: { params: IdParams, querystring: ShownSchema, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const store = services.exports(request.workspaceId);
      const status = await store.status(request.params.id);
      const bytes = await store.bytes(request.params.id);
      if (!status || !bytes) throw notFound('The picture');
      const { mime } = fileKindOf(status.request);
      return sendFile(reply, { name: status.name, mime, bytes }, request.query.show !== undefined);
    },
  );
};

/** @throws CodedError 404 for a sheet that is not there, 422 for what can not be handed over so */
function planned(project: Project, request: ExportRequest): ExportPlan {
  try {
    return planExport(project, request);
  } catch (error) {
    if (!(error instanceof ExportRefused)) throw error;
    throw error.code === 'no-sheet' ? notFound('The sheet') : new CodedError(422, error.code, error.message);
  }
}
