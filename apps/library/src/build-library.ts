import { Type, type TypeBoxTypeProvider } from '@fastify/type-provider-typebox';
import Fastify from 'fastify';
import { findPictures } from './find-pictures.js';
import { pictureFile, pictureThumbnail, readPictures } from './pictures.js';

const PER_PAGE = 12;

const PictureSchema = Type.Object({
  id: Type.String(),
  title: Type.String(),
  tags: Type.Array(Type.String()),
  width: Type.Integer(),
  height: Type.Integer(),
});

const Query = Type.Object({
  words: Type.Optional(Type.String({ maxLength: 200 })),
  page: Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 })),
});
const Params = Type.Object({ id: Type.String({ pattern: '^[a-z0-9-]{1,64}$' }) });

/** A stand-in for an outside picture service: search by words, pages of results, small pictures and files, all over HTTP. */
export async function buildLibrary() {
  const app = Fastify({ logger: { level: process.env['LOG_LEVEL'] ?? 'warn' } }).withTypeProvider<TypeBoxTypeProvider>();
  const pictures = await readPictures();
  const known = new Set(pictures.map(({ id }) => id));

  app.get(
    '/v1/pictures',
    {
      schema: {
        querystring: Query,
        response: {
          200: Type.Object({
            total: Type.Integer(),
            page: Type.Integer(),
            pages: Type.Integer(),
            pictures: Type.Array(PictureSchema),
          }),
        },
      },
    },
    (request) => {
      const { words = '', page = 1 } = request.query;
      const found = findPictures(pictures, words, page, PER_PAGE);
      return { ...found, pictures: found.pictures.map((picture) => ({ ...picture, tags: [...picture.tags] })) };
    },
  );

  for (const [file, read] of [
    ['thumbnail', pictureThumbnail],
    ['file', pictureFile],
  ] as const) {
    app.get(`/v1/pictures/:id/${file}`, { schema: { params: Params } }, async (request, reply) => {
      const { id } = request.params;
      if (!known.has(id)) return reply.code(404).send({ message: 'There is no such picture.' });
      return reply
        .type('image/jpeg')
        .header('cache-control', 'public, max-age=86400')
        .send(await read(id));
    });
  }
  return app;
}
