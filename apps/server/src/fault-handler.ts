import type { FastifyError, FastifyInstance } from 'fastify';
import { CodedError } from './coded-error.js';

/** Answers every failure as `{ code, message, detail }` with a sentence for a person. */
export function setFaultHandlers(app: FastifyInstance): void {
  app.setNotFoundHandler((request, reply) => {
    void reply.code(404).send({ code: 'not-found', message: `There is nothing at ${request.url}.`, detail: {} });
  });
  app.setErrorHandler((error: FastifyError | CodedError, request, reply) => {
    if (error instanceof CodedError) {
      const { status, code, message, detail } = error;
      return reply.code(status).send({ code, message, detail });
    }
    if (error.validation) {
      const message = `The request is not as it should be: ${error.message}.`;
      return reply.code(400).send({ code: 'invalid-request', message, detail: { where: error.validationContext ?? '' } });
    }
    const status = error.statusCode ?? 500;
    if (status < 500) return reply.code(status).send({ code: error.code.toLowerCase(), message: error.message, detail: {} });
    request.log.error(error);
    const message = 'Something went wrong on the server. What was saved before is kept; try again.';
    return reply.code(500).send({ code: 'unexpected', message, detail: {} });
  });
}
