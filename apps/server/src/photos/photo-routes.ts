import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import multipart from '@fastify/multipart';
import { Type } from 'typebox';
import type { Services } from '../services.js';
import { CodedError, notFound } from '../coded-error.js';
import { FaultSchema, FileSchema, IdSchema } from '../route-schemas.js';
import { photoNameOf } from './photo-name.js';
import type { PhotoRow } from './photo-store.js';

const PhotoSchema = Type.Object({
  id: IdSchema,
  sha256: Type.String(),
  name: Type.String(),
  width: Type.Integer(),
  height: Type.Integer(),
  screenLevel: Type.Integer(),
  focus: Type.Optional(Type.Object({ x: Type.Number(), y: Type.Number(), width: Type.Number(), height: Type.Number() })),
});

const UploadedSchema = Type.Object({
  files: Type.Array(
    Type.Object({
      fileName: Type.String(),
      photo: Type.Optional(PhotoSchema),
      error: Type.Optional(Type.Object({ code: Type.String(), message: Type.String() })),
    }),
  ),
});

interface UploadedFile {
  readonly fileName: string;
  readonly photo?: ReturnType<typeof shown>;
  readonly error?: { readonly code: string; readonly message: string };
}

/** Adding photos and fetching their files. */
export const photoRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  const { config, tasks } = services;
  await app.register(multipart, {
    limits: { fileSize: config.limits.bytes, files: config.limits.filesPerUpload, fields: 0 },
    throwFileSizeLimit: false,
  });

  app.get(
    '/api/photos',
    { schema: { response: { 200: Type.Object({ photos: Type.Array(PhotoSchema) }) } } },
    async (request) => ({
      photos: (await services.photos(request.workspaceId).list()).map(shown),
    }),
  );

  app.post('/api/photos', { schema: { response: { 200: UploadedSchema, '4xx': FaultSchema } } }, async (request) => {
    if (!request.isMultipart()) throw new CodedError(415, 'not-multipart', 'Photos are sent as multipart/form-data.');
    const store = services.photos(request.workspaceId);
    const files: UploadedFile[] = [];
    // One after the other: a bad file is answered for itself and the others still arrive.
    for await (const part of request.files()) {
      const bytes = await part.toBuffer();
      const fileName = part.filename;
      if (part.file.truncated) {
        const most = Math.floor(config.limits.bytes / 2 ** 20);
        const message = `The file is larger than ${most} MB. Save a smaller copy and add that.`;
        files.push({ fileName, error: { code: 'too-many-bytes', message } });
        continue;
      }
      const taken = await tasks.intake({ bytes, limits: config.limits });
      if (taken.ok) files.push({ fileName, photo: shown(await store.add(taken.photo, photoNameOf(fileName))) });
      else files.push({ fileName, error: taken.refusal });
    }
    if (files.length === 0) throw new CodedError(400, 'no-files', 'No file was sent.');
    return { files };
  });

  app.get(
    '/api/photos/:id/:file',
    {
      schema: {
        params: Type.Object({
          id: IdSchema,
          file: Type.Union([Type.Literal('original'), Type.Literal('master'), Type.Literal('screen'), Type.Literal('thumbnail')]),
        }),
        response: { 200: FileSchema, '4xx': FaultSchema },
      },
    },
    async (request, reply) => {
      const { id, file } = request.params;
      const found = await services.photos(request.workspaceId).file(id, file);
      if (!found) throw notFound('The photo');
      return reply.type(found.type).header('cache-control', 'private, max-age=31536000, immutable').send(found.bytes);
    },
  );
};

function shown(row: PhotoRow) {
  const { id, sha256, name, width, height, screenLevel, focus } = row;
  return { id, sha256, name, width, height, screenLevel, ...(focus ? { focus } : {}) };
}
