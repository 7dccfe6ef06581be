import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { ExportRequestSchema, ExportStatusSchema, FaultSchema, IdParams, NothingSchema } from '@kadrosyn/contract';
import { findSheet } from '@kadrosyn/core';
import { OUT_FORMATS, USUAL_QUALITY } from '@kadrosyn/formats';
import { CodedError, notFound } from '../coded-error.js';
import { FileSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

/** Largest picture that is drawn, px. */
const PIXEL_LIMIT = 200e6;

/** Asking for an export, following it, cancelling it, fetching the file. */
export const exportRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  app.post(
    '/api/projects/:id/exports',
    { schema: { params: IdParams, body: ExportRequestSchema, response: { 202: ExportStatusSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { workspaceId, body } = request;
      const projectId = request.params.id;
      const { document } = await services.projects(workspaceId).document(projectId);
      const sheet = findSheet(document, body.sheetId);
      if (!sheet) throw notFound('The sheet');
      const pixels = sheet.width * sheet.height * body.scale ** 2;
      if (pixels > PIXEL_LIMIT) {
        throw new CodedError(
          422,
          'too-large',
          `The picture would have more than ${PIXEL_LIMIT / 1e6} million pixels. Choose a smaller scale.`,
        );
      }
      const store = services.exports(workspaceId);
      const id = await store.add({ quality: USUAL_QUALITY, ...body, projectId, document });
      await services.exportJobs.enqueue({ workspaceId, exportId: id }, pixels);
      return reply.code(202).send({ id, state: 'waiting', progress: 0, message: null });
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
    { schema: { params: IdParams, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const store = services.exports(request.workspaceId);
      const status = await store.status(request.params.id);
      const bytes = await store.bytes(request.params.id);
      if (!status || !bytes) throw notFound('The picture');
      const { extension, mime } = OUT_FORMATS[status.type];
      const fileName = `${status.name.replace(/[^\p{L}\p{N} ._-]/gu, '').trim() || 'picture'}.${extension}`;
      return reply
        .type(mime)
        .header('content-disposition', `attachment; filename*=UTF-8''${encodeURIComponent(fileName)}`)
        .send(bytes);
    },
  );
};
