import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { Type } from 'typebox';
import { CodedError } from '../coded-error.js';
import { PhotoSchema, shownPhoto } from '../photos/photo-routes.js';
import { requireRoomForPhotos } from '../quota-check.js';
import { FaultSchema, FileSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';
import { LibraryPageSchema } from './library-client.js';

const Params = Type.Object({ id: IdSchema });
const FAULTS = { '4xx': FaultSchema, '5xx': FaultSchema };

/** Looking for pictures in the picture library, and taking one over as a photo of one's own. The browser speaks to this server only. */
export const libraryRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  const { library, tasks, config } = services;

  app.get(
    '/api/library/pictures',
    {
      schema: {
        querystring: Type.Object({
          words: Type.Optional(Type.String({ maxLength: 200 })),
          page: Type.Optional(Type.String({ pattern: '^[1-9][0-9]{0,3}$' })),
        }),
        response: { 200: LibraryPageSchema, ...FAULTS },
      },
    },
    async (request) => library.search(request.query.words ?? '', Number(request.query.page ?? 1)),
  );

  app.get(
    '/api/library/pictures/:id/thumbnail',
    { schema: { params: Params, response: { 200: FileSchema, ...FAULTS } } },
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
        params: Params,
        body: Type.Object({
          title: Type.String({ minLength: 1, maxLength: 120 }),
          tags: Type.Array(Type.String({ maxLength: 40 }), { maxItems: 40 }),
        }),
        response: { 200: PhotoSchema, ...FAULTS },
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
