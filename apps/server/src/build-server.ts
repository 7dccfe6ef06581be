import Fastify, { type FastifyInstance } from 'fastify';
import rateLimit, { type RateLimitPluginOptions } from '@fastify/rate-limit';
import type { TypeBoxTypeProvider } from '@fastify/type-provider-typebox';
import { binRoutes } from './bin/bin-routes.js';
import { startSweeping } from './bin/sweep-times.js';
import { CodedError } from './coded-error.js';
import type { Config } from './config.js';
import { connect } from './database/connect.js';
import { ExportJobs } from './exports/export-jobs.js';
import { exportRoutes } from './exports/export-routes.js';
import { answerFault, setFaultHandlers } from './fault-handler.js';
import { faceRoutes } from './faces/face-routes.js';
import { kadroRoutes } from './kadro/kadro-routes.js';
import { healthRoutes } from './health-routes.js';
import { LibraryClient } from './library/library-client.js';
import { libraryRoutes } from './library/library-routes.js';
import { faultCode } from './loggable-fault.js';
import { keepOtherSitesAway } from './own-site-only.js';
import { outlineRoutes } from './outlines/outline-routes.js';
import { styleRoutes } from './styles/style-routes.js';
import { areaRoutes } from './photos/area-routes.js';
import { cutoutRoutes } from './photos/cutout-routes.js';
import { photoRoutes } from './photos/photo-routes.js';
import { projectRoutes } from './projects/project-routes.js';
import { Services } from './services.js';
import { templateRoutes } from './templates/template-routes.js';
import { TaskPools } from './tasks/task-pools.js';
import { webPlugin } from './web/web-plugin.js';
import { ensureWorkspace, HOME_WORKSPACE } from './workspace.js';

declare module 'fastify' {
  interface FastifyRequest {
    /** The workspace that all data of the request belongs to. */
    workspaceId: string;
  }
}

/** A server that is ready to listen, and what it works with. */
export interface BuiltServer {
  readonly app: FastifyInstance;
  readonly services: Services;
}

/** Connects to the database, brings it up to date and puts the routes together. `app.close()` ends everything. */
export async function buildServer(config: Config): Promise<BuiltServer> {
  const app = Fastify({
    logger: { level: process.env['LOG_LEVEL'] ?? 'warn' },
    bodyLimit: 2 ** 20,
    // An unknown property is a mistake of the sender and is said, not silently taken away.
    ajv: { customOptions: { removeAdditional: false, coerceTypes: false } },
    frameworkErrors: answerFault,
    forceCloseConnections: true,
    // A request that does not arrive whole is not waited for, and an answer that does not come is given up with a sentence.
    requestTimeout: 600_000,
    handlerTimeout: 90_000,
  }).withTypeProvider<TypeBoxTypeProvider>();
  const connection = await connect(config.databaseUrl, (error) =>
    app.log.warn({ code: faultCode(error) }, 'a connection to the database was lost'),
  );
  const tasks = new TaskPools(config.fileTime);
  const exportJobs = new ExportJobs(config.databaseUrl, connection.db, tasks, config.facesFolder, app.log);
  const library = new LibraryClient(config.libraryUrl, config.libraryPatience, config.limits.bytes);
  const services = new Services({ config, db: connection.db, tasks, exportJobs, library }, app.log);
  const workspaceName = await ensureWorkspace(connection.db, 'Wrenfold Pottery');
  await exportJobs.start();
  const sweeper = startSweeping(connection.db, app.log);
  app.addHook('onClose', async () => {
    clearInterval(sweeper);
    services.pictures.close();
    await exportJobs.stop();
    await tasks.close();
    await connection.close();
  });

  app.decorateRequest('workspaceId', HOME_WORKSPACE);
  setFaultHandlers(app);
  keepOtherSitesAway(app, config.hosts);
  await app.register(rateLimit, rateLimits(config));
  await app.register(healthRoutes, { services, workspaceName });
  await app.register(photoRoutes, { services });
  await app.register(areaRoutes, { services });
  await app.register(cutoutRoutes, { services });
  await app.register(faceRoutes, { services });
  await app.register(outlineRoutes, { services });
  await app.register(styleRoutes, { services });
  await app.register(projectRoutes, { services });
  await app.register(binRoutes, { services });
  await app.register(templateRoutes, { services });
  await app.register(libraryRoutes, { services });
  await app.register(exportRoutes, { services });
  await app.register(kadroRoutes, { services });
  await app.register(webPlugin, { config });
  return { app, services };
}

/** How often one sender may ask: files of the application itself and pictures of lists come in bursts, so it is counted over ten seconds. */
function rateLimits({ quotas }: Config): RateLimitPluginOptions {
  return {
    max: quotas.requests * 10,
    timeWindow: 10_000,
    // Asked by ./start, and never to be mistaken for a server that hangs.
    allowList: ({ url }) => url === '/api/health',
    errorResponseBuilder: () =>
      new CodedError(
        429,
        'too-often',
        'That was asked for too often in a short time. Nothing was changed; it goes on in some seconds.',
      ),
  };
}
