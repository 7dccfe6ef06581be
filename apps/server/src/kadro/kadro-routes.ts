import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import multipart from '@fastify/multipart';
import { FaultSchema, IdParams, StoredProjectSchema } from '@kadrosyn/contract';
import { fileKindOf, fileOf, planExport } from '@kadrosyn/export';
import { KADRO_LIMITS } from '@kadrosyn/formats';
import { CodedError } from '../coded-error.js';
import { taskFor } from '../exports/export-task.js';
import { goneBy } from '../gone-by.js';
import { sendProject } from '../projects/project-routes.js';
import { FileSchema } from '../route-schemas.js';
import { sendFile } from '../send-file.js';
import type { Services } from '../services.js';
import { uploadedFiles } from '../uploaded-files.js';
import { storeKadro } from './store-kadro.js';
import { takeKadro } from './take-kadro.js';

/** As long as a large file over a slow line, and all that is in it, may take, ms. */
const FILE_TIME = 600_000;

/** Projects as files: taken away, and brought in. */
export const kadroRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  await app.register(multipart, { limits: { fileSize: KADRO_LIMITS.archive, files: 1, fields: 0 }, throwFileSizeLimit: false });

  app.get(
    '/api/projects/:id/kadro',
    { handlerTimeout: FILE_TIME, schema: { params: IdParams, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const { document } = await services.projects(request.workspaceId).document(request.params.id);
      const asked = { sheetIds: document.sheets.map(({ id }) => id), file: { type: 'kadro' } as const };
      const task = {
        ...(await taskFor(services.db, request.workspaceId, document, asked)),
        facesFolder: services.config.facesFolder,
      };
      const written = await services.tasks.export(task, { signal: goneBy(reply.raw) });
      const { name } = planExport(document, asked);
      return sendFile(reply, { name, mime: fileKindOf(asked).mime, bytes: Buffer.from(fileOf(written)) });
    },
  );

  app.post(
    '/api/kadro',
    { handlerTimeout: FILE_TIME, schema: { response: { 201: StoredProjectSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const sent = await uploadedFiles(request, 'Project files').next();
      if (sent.done) throw new CodedError(400, 'no-files', 'No file was sent.');
      if (sent.value.isTooLarge) {
        const most = Math.floor(KADRO_LIMITS.archive / 2 ** 20);
        throw new CodedError(413, 'too-many-bytes', `The file is larger than ${most} MB. Nothing was added.`);
      }
      const taken = await takeKadro(services, request.workspaceId, sent.value.bytes);
      return sendProject(reply.code(201), await storeKadro(services, request.workspaceId, taken));
    },
  );
};
