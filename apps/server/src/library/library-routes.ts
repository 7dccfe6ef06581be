import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  FaultSchema,
  IdParams,
  LibraryPageSchema,
  LibraryQuery,
  StoredPhotoSchema,
  TakenPictureSchema,
} from '@kadrosyn/contract';
import { CodedError } from '../coded-error.js';
import { shownPhoto } from '../photos/photo-routes.js';
import { requireRoomForPhotos } from '../quota-check.js';
import { FileSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

const FAULTS = { '4xx': FaultSchema, '5xx': FaultSchema };

/** Looking for pictures in the picture library, and taking one over as a photo of one's own. The browser speaks to this server only. */
export const libraryRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  const { library, tasks, config } = services;

  app.get(
    '/api/library/pictures',
    {
      schema: {
        querystring: LibraryQuery,
        response: { 200: LibraryPageSchema, ...FAULTS },
      },
    },
    async (request) => library.search(request.query.words ?? '', Number(request.query.page ?? 1)),
  );

  app.get(
    '/api/library/pictures/:id/thumbnail',
    { schema: { params: IdParams, response: { 200: FileSchema, ...FAULTS } } },
    async (request, reply) => {
      const { bytes, type } = await library.thumbnail(request.params.id);
      if (!/^image\/(jpeg|png|webp)$/.test(type))
        throw new CodedError(502, 'library-failed', 'The picture library sent no picture.');
      return reply.type(type).header('cache-control', 'private, max-age=86400').send(bytes);
    },
  );

  app.post(
    '/api/library/pictures/:id',
    {
      schema: {
        params: IdParams,
        body: TakenPictureSchema,
        response: { 200: StoredPhotoSchema, ...FAULTS },
      },
    },
    async (request) => {
      await requireRoomForPhotos(services.photos(request.workspaceId), config.quotas);
      const taken = await tasks.intake({ bytes: await library.file(request.params.id), limits: config.limits });
      if (!taken.ok)
        throw new CodedError(
          502,
          'library-failed',
          `The picture library sent a file that can not be used. ${taken.refusal.message}`,
        );
      const { title, tags } = request.body;
      return shownPhoto(await services.photos(request.workspaceId).add(taken.photo, title, tags));
    },
  );
};
