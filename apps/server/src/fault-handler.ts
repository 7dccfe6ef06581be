import type { FastifyError, FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { CodedError } from './coded-error.js';
import { isDatabaseAway, isUnstorableText } from './database/database-fault.js';
import { loggableFault } from './loggable-fault.js';
import { TaskEnded } from './tasks/pool-process.js';

/** What the parts that read requests refuse, by their codes, in sentences for a person. */
const REFUSALS: Readonly<Record<string, { readonly status: number; readonly code: string; readonly message: string }>> = {
  FST_ERR_CTP_BODY_TOO_LARGE: {
    status: 413,
    code: 'too-many-bytes',
    message: 'That is more than can be taken at once. Nothing was changed.',
  },
  FST_REQ_FILE_TOO_LARGE: {
    status: 413,
    code: 'too-many-bytes',
    message: 'The file is larger than can be taken. Nothing was added from it.',
  },
  FST_FILES_LIMIT: {
    status: 413,
    code: 'too-many-files',
    message: 'These are more files than can be added at once. Those that came before are kept; add the others in a second go.',
  },
  FST_FIELDS_LIMIT: { status: 400, code: 'invalid-request', message: 'Only files are taken here. Nothing was added.' },
  FST_PARTS_LIMIT: { status: 400, code: 'invalid-request', message: 'Only files are taken here. Nothing was added.' },
  FST_ERR_CTP_INVALID_MEDIA_TYPE: {
    status: 415,
    code: 'wrong-type',
    message: 'This kind of content is not taken here. Nothing was changed.',
  },
  FST_ERR_CTP_INVALID_JSON_BODY: {
    status: 400,
    code: 'not-json',
    message: 'The request is no JSON that can be read. Nothing was changed.',
  },
  FST_ERR_CTP_EMPTY_JSON_BODY: { status: 400, code: 'not-json', message: 'The request is empty. Nothing was changed.' },
  FST_ERR_CTP_INVALID_CONTENT_LENGTH: {
    status: 400,
    code: 'cut-off',
    message: 'The request was cut off on its way. Nothing was changed.',
  },
  FST_ERR_BAD_URL: { status: 400, code: 'invalid-request', message: 'This is no address that can be read.' },
  FST_ERR_HANDLER_TIMEOUT: {
    status: 503,
    code: 'too-slow',
    message: 'It took too long. What was saved before is kept; try again in a moment.',
  },
};

const AWAY = 'The database does not answer at the moment. What was saved before is kept; it is tried again.';
const UNSTORABLE =
  'The text holds a character that can not be kept (half an emoji, or a character of no width and no name). Take it out and try again.';

/** Answers every failure as `{ code, message, detail }` with a sentence for a person. What is written down holds no documents. */
export function setFaultHandlers(app: FastifyInstance): void {
  app.setNotFoundHandler((_request, reply) => {
    void reply.code(404).send({ code: 'not-found', message: 'There is nothing at this address.', detail: {} });
  });
  app.setErrorHandler(answerFault);
}

/** Answers one failure; of the framework too, before there is a route. */
export function answerFault(error: FastifyError | CodedError | TaskEnded, request: FastifyRequest, reply: FastifyReply): void {
  if (reply.sent) return;
  const { status, code, message, detail } = answerTo(error);
  // What is expected to happen now and then is one line; what is not tells where.
  if (status === 500) request.log.error({ ...loggableFault(error), route: request.routeOptions.url }, code);
  else if (status > 500) request.log.warn({ route: request.routeOptions.url }, code);
  void reply.code(status).send({ code, message, detail });
}

interface FaultAnswer {
  readonly status: number;
  readonly code: string;
  readonly message: string;
  readonly detail: Readonly<Record<string, unknown>>;
}

function answerTo(error: FastifyError | CodedError | TaskEnded): FaultAnswer {
  if (error instanceof CodedError) return error;
  if (error instanceof TaskEnded) return answerToEnd(error);
  const detail = {};
  if (error.validation) {
    const message = `The request is not as it should be: ${error.message}.`;
    return { status: 400, code: 'invalid-request', message, detail: { where: error.validationContext ?? '' } };
  }
  if (isDatabaseAway(error)) return { status: 503, code: 'database-away', message: AWAY, detail };
  if (isUnstorableText(error)) return { status: 422, code: 'unstorable-text', message: UNSTORABLE, detail };
  const refusal = REFUSALS[error.code];
  if (refusal) return { ...refusal, detail };
  const status = error.statusCode ?? 500;
  if (status < 500)
    return { status, code: 'invalid-request', message: 'The request can not be understood. Nothing was changed.', detail };
  const message = 'Something went wrong on the server. What was saved before is kept; try again.';
  return { status: 500, code: 'unexpected', message, detail };
}

function answerToEnd({ why }: TaskEnded): FaultAnswer {
  const detail = {};
  if (why === 'stopped') {
    return {
      status: 503,
      code: 'stopping',
      message: 'The server is being started again. What was saved before is kept; try again in a moment.',
      detail,
    };
  }
  const message = 'This is more than can be worked at in reasonable time. Nothing was changed; try it with less.';
  return { status: 422, code: 'too-heavy', message, detail };
}
