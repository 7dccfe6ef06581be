import type { FastifyPluginAsyncTypebox } from '@fastify/type-provider-typebox';
import { isPart, type CutoutRevision } from '@kadrosyn/core';
import { Type } from 'typebox';
import { CodedError, notFound } from '../coded-error.js';
import { FaultSchema, FileSchema, IdSchema } from '../route-schemas.js';
import type { Services } from '../services.js';

const Sha256 = Type.String({ pattern: '^[0-9a-f]{64}$' });
const Name = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' });
/** Marks and settings are checked against the schema of the project when they are kept. */
const Marks = Type.Unsafe<CutoutRevision['marks']>(Type.Array(Type.Unknown()));
const Edge = Type.Unsafe<NonNullable<CutoutRevision['edge']>>(Type.Object({}, { additionalProperties: true }));
const Pieces = Type.Unsafe<NonNullable<CutoutRevision['pieces']>>(Type.Object({}, { additionalProperties: true }));
/** How a revision was made; it is named by its matte. */
const Made = { marks: Marks, edge: Type.Optional(Edge), pieces: Type.Optional(Pieces) };
const RevisionSchema = Type.Object({ matteSha256: Sha256, ...Made });
const CutoutSchema = Type.Object({ id: IdSchema, name: Type.String(), revisions: Type.Array(RevisionSchema) });
const Params = Type.Object({ id: IdSchema });

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
    { schema: { params: Params, response: { 200: Type.Object({ cutouts: Type.Array(CutoutSchema) }), '4xx': FaultSchema } } },
    async (request) => ({ cutouts: await services.cutouts(request.workspaceId).list(request.params.id) }),
  );

  app.post(
    '/api/photos/:id/mattes',
    {
      bodyLimit: config.limits.bytes,
      schema: { params: Params, response: { 201: Type.Object({ matteSha256: Sha256 }), '4xx': FaultSchema } },
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
        params: Type.Object({ id: IdSchema, sha256: Sha256, size: Type.Union([Type.Literal('full'), Type.Literal('screen')]) }),
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
        params: Type.Object({ id: IdSchema, cutoutId: IdSchema, sha256: Sha256 }),
        body: Type.Object({ name: Name, ...Made }, { additionalProperties: false }),
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
