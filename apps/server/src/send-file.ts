import type { FastifyReply } from 'fastify';

/** Answers with a file under its name. @param isShown - in the browser, rather than among the downloads */
export function sendFile(
  reply: FastifyReply,
  { name, mime, bytes }: { readonly name: string; readonly mime: string; readonly bytes: Buffer },
  isShown = false,
): FastifyReply {
  const where = isShown ? 'inline' : 'attachment';
  return reply
    .type(mime)
    .header('content-disposition', `${where}; filename*=UTF-8''${encodeURIComponent(name)}`)
    .send(bytes);
}
