import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import {
  CutoutListSchema,
  CutoutSchema,
  FaultSchema,
  IdParams,
  MatteParams,
  MatteSchema,
  NewRevisionSchema,
  RevisionParams,
} from '@kadrosyn/contract';
import { isPart, type CutoutRevision } from '@kadrosyn/core';
import { CodedError, notFound } from '../coded-error.js';
import { FileSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

/** Bytes of marks that one revision may have. */
const MOST_MARKS = 8 * 2 ** 20;

/** Keeping the mattes of photos and the named cutouts made of them. */
export const cutoutRoutes: FastifyPluginAsyncTypebox<{ services: Services }> = async (app, { services }) => {
  const { config, tasks } = services;
  app.addContentTypeParser('image/png', { parseAs: 'buffer', bodyLimit: config.limits.bytes }, (_request, body, done) => {
    done(null, body);
  });

  app.get(
    '/api/photos/:id/cutouts',
    { schema: { params: IdParams, response: { 200: CutoutListSchema, '4xx': FaultSchema } } },
    async (request) => ({ cutouts: await services.cutouts(request.workspaceId).list(request.params.id) }),
  );

  app.post(
    '/api/photos/:id/mattes',
    {
      bodyLimit: config.limits.bytes,
      schema: { params: IdParams, response: { 201: MatteSchema, '4xx': FaultSchema } },
    },
    async (request, reply) => {
      const { id } = request.params;
      if (!Buffer.isBuffer(request.body)) throw new CodedError(415, 'not-png', 'A matte is sent as image/png.');
      const photos = services.photos(request.workspaceId);
      const [row, master] = [await photos.find(id), await photos.file(id, 'master')];
      if (!row || !master) throw notFound('The photo');
      const taken = await tasks.matte({ bytes: request.body, photo: master.bytes, screenLevel: row.screenLevel });
      if (!taken.ok) throw new CodedError(422, 'no-matte', taken.message);
      const matteSha256 = await services.cutouts(request.workspaceId).addMatte(id, taken.full, taken.screen);
      return reply.code(201).send({ matteSha256 });
    },
  );

  app.get(
    '/api/photos/:id/mattes/:sha256/:size',
    {
      schema: {
        params: MatteParams,
        response: { 200: FileSchema, '4xx': FaultSchema },
      },
    },
    async (request, reply) => {
      const { id, sha256, size } = request.params;
      const found = await services.cutouts(request.workspaceId).matte(id, sha256, size);
      if (!found) throw notFound('The matte');
      return reply.type(found.type).header('cache-control', 'private, max-age=31536000, immutable').send(found.bytes);
    },
  );

  app.put(
    '/api/photos/:id/cutouts/:cutoutId/revisions/:sha256',
    {
      bodyLimit: MOST_MARKS,
      schema: {
        params: RevisionParams,
        body: NewRevisionSchema,
        response: { 200: CutoutSchema, '4xx': FaultSchema },
      },
    },
    async (request) => {
      const { id, cutoutId, sha256: matteSha256 } = request.params;
      const { name, ...made } = request.body;
      const kept = { matteSha256, ...made };
      check(kept);
      return services.cutouts(request.workspaceId).addRevision(id, cutoutId, { name, ...kept });
    },
  );
};

/** @throws CodedError 422 when no photo could have such a revision. */
function check(revision: CutoutRevision): void {
  if (isPart('cutoutRevision', revision)) return;
  throw new CodedError(422, 'no-cutout', 'These are no marks that can be kept. Nothing was changed.');
}
