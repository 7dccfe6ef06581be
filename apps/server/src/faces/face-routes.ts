import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import multipart from '@fastify/multipart';
import { FaceListSchema, FaultSchema, IdParams, NothingSchema, OwnFaceSchema } from '@kadrosyn/contract';
import { FACE_LIMITS } from '@kadrosyn/formats';
import { CodedError, notFound } from '../coded-error.js';
import { FileSchema } from '../route-schemas.js';
import type { Services } from '../services.js';
import { TaskEnded } from '../tasks/pool-process.js';
import { uploadedFiles } from '../uploaded-files.js';

/** Adding, listing, fetching and removing lettering faces of one's own. */
export const faceRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  await app.register(multipart, { limits: { fileSize: FACE_LIMITS.bytes, files: 1, fields: 0 }, throwFileSizeLimit: false });

  app.get('/api/faces', { schema: { response: { 200: FaceListSchema } } }, async (request) => ({
    faces: await services.faces(request.workspaceId).list(),
  }));

  app.post('/api/faces', { schema: { response: { 201: OwnFaceSchema, '4xx': FaultSchema } } }, async (request, reply) => {
    const sent = await uploadedFiles(request, 'Fonts').next();
    if (sent.done) throw new CodedError(400, 'no-files', 'No file was sent.');
    const { bytes, isTooLarge } = sent.value;
    if (isTooLarge) throw new CodedError(413, 'too-many-bytes', 'The font is larger than 10 MB. Nothing was added.');
    const taken = await services.tasks.takeFace({ bytes, facesFolder: services.config.facesFolder }).catch((error: unknown) => {
      if (!(error instanceof TaskEnded) || error.why === 'stopped') throw error;
      // Its process ended with the font that it could not bear.
      throw new CodedError(422, 'damaged', 'The font can not be read. Nothing was added.');
    });
    if (!taken.ok) throw new CodedError(422, taken.refusal.code, taken.refusal.message);
    return reply.code(201).send(await services.faces(request.workspaceId).add(taken.face));
  });

  app.get(
    '/api/faces/:id/file',
    { schema: { params: IdParams, response: { 200: FileSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      const bytes = await services.faces(request.workspaceId).file(request.params.id);
      if (!bytes) throw notFound('The face');
      // Not kept by the browser: a face that was removed must not go on being shown by it, since exports would lack it.
      return reply.type('font/sfnt').header('cache-control', 'private, no-cache').send(bytes);
    },
  );

  app.delete(
    '/api/faces/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.faces(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );
};
