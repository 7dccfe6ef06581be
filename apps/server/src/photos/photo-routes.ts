import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import multipart from '@fastify/multipart';
import {
  FaultSchema,
  IdParams,
  NothingSchema,
  PageQuery,
  PhotoChangeSchema,
  PhotoFileParams,
  PhotoPageSchema,
  PhotoUsesSchema,
  type StoredPhoto,
  StoredPhotoSchema,
  type UploadedFile,
  UploadedSchema,
} from '@kadrosyn/contract';
import type { FastifyBaseLogger } from 'fastify';
import type { Services } from '../services.js';
import { CodedError, notFound } from '../coded-error.js';
import { FileSchema, pageAsked } from '../route-schemas.js';
import { requireRoomForPhotos } from '../quota-check.js';
import { loggableFault } from '../loggable-fault.js';
import { TaskEnded } from '../tasks/pool-process.js';
import type { IntakeTask } from '../tasks/tasks.js';
import { uploadedFiles } from '../uploaded-files.js';
import type { Intake } from './intake.js';
import { photoNameOf } from './photo-name.js';
import type { PhotoRow } from './photo-store.js';

const FAILED =
  'Something went wrong here while the picture was taken in; nothing is known to be wrong with it. Add it again, or a copy saved anew.';

/** As long as many files over a slow line may take, ms. */
const UPLOAD_TIME = 600_000;

/** Adding photos, naming and removing them, and fetching their files. */
export const photoRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  const { config, tasks } = services;
  /** A fault of ours with one file is answered for that file, and written down: the others still arrive. */
  const takenIn = async (task: IntakeTask, log: FastifyBaseLogger): Promise<Intake> => {
    try {
      const taken = await tasks.intake(task);
      if (!taken.ok) log.info({ code: taken.refusal.code, cause: taken.cause }, 'a file was not taken in');
      return taken;
    } catch (error) {
      if (error instanceof TaskEnded) throw error;
      log.error(loggableFault(error), 'taking a file in failed');
      return { ok: false, refusal: { code: 'failed', message: FAILED } };
    }
  };
  await app.register(multipart, {
    limits: { fileSize: config.limits.bytes, files: config.limits.filesPerUpload, fields: 0 },
    throwFileSizeLimit: false,
  });

  app.get(
    '/api/photos',
    {
      schema: {
        querystring: PageQuery,
        response: { 200: PhotoPageSchema, '4xx': FaultSchema },
      },
    },
    async ({ workspaceId, query }) => {
      const { rows, next } = await services.photos(workspaceId).list(pageAsked(query));
      return { photos: rows.map(shownPhoto), next };
    },
  );

  app.post(
    '/api/photos',
    { handlerTimeout: UPLOAD_TIME, schema: { response: { 200: UploadedSchema, '4xx': FaultSchema } } },
    async (request) => {
      const store = services.photos(request.workspaceId);
      const files: UploadedFile[] = [];
      // One after the other: a bad file is answered for itself and the others still arrive.
      for await (const { fileName, bytes, isTooLarge } of uploadedFiles(request, 'Photos')) {
        if (isTooLarge) {
          const most = Math.floor(config.limits.bytes / 2 ** 20);
          const message = `The file is larger than ${most} MB. Save a smaller copy and add that.`;
          files.push({ fileName, error: { code: 'too-many-bytes', message } });
          continue;
        }
        await requireRoomForPhotos(store, config.quotas);
        const taken = await takenIn({ bytes, limits: config.limits }, request.log);
        if (taken.ok) files.push({ fileName, photo: shownPhoto(await store.add(taken.photo, photoNameOf(fileName))) });
        else files.push({ fileName, error: taken.refusal });
      }
      if (files.length === 0) throw new CodedError(400, 'no-files', 'No file was sent.');
      return { files };
    },
  );

  app.patch(
    '/api/photos/:id',
    { schema: { params: IdParams, body: PhotoChangeSchema, response: { 200: StoredPhotoSchema, '4xx': FaultSchema } } },
    async (request) => {
      const { name, tags, focus } = request.body;
      const set = {
        ...(name === undefined ? {} : { name }),
        ...(tags === undefined ? {} : { tags: [...new Set(tags)] }),
        ...(focus === undefined ? {} : { focus }),
      };
      return shownPhoto(await services.photos(request.workspaceId).change(request.params.id, set));
    },
  );

  app.delete(
    '/api/photos/:id',
    { schema: { params: IdParams, response: { 204: NothingSchema, '4xx': FaultSchema } } },
    async (request, reply) => {
      await services.photos(request.workspaceId).remove(request.params.id);
      return reply.code(204).send(null);
    },
  );

  app.post(
    '/api/photos/:id/return',
    { schema: { params: IdParams, response: { 200: StoredPhotoSchema, '4xx': FaultSchema } } },
    async (request) => shownPhoto(await services.photos(request.workspaceId).restore(request.params.id)),
  );

  app.get(
    '/api/photos/:id/uses',
    { schema: { params: IdParams, response: { 200: PhotoUsesSchema, '4xx': FaultSchema } } },
    async (request) => services.photos(request.workspaceId).uses(request.params.id),
  );

  app.get(
    '/api/photos/:id/:file',
    {
      schema: {
        params: PhotoFileParams,
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

/** A photo as the routes answer it. */
export function shownPhoto(row: PhotoRow): StoredPhoto {
  const { id, sha256, name, width, height, screenLevel, focus, opaque, tags, createdAt } = row;
  return {
    ...{ id, sha256, name, width, height, screenLevel, tags },
    clear: !opaque,
    addedAt: createdAt.toISOString(),
    ...(focus ? { focus } : {}),
  };
}
