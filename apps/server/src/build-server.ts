import Fastify, { type FastifyInstance } from 'fastify';
import { sql } from 'drizzle-orm';
import { Type, type TypeBoxTypeProvider } from '@fastify/type-provider-typebox';
import type { Config } from './config.js';
import { connect } from './database/connect.js';
import { ExportJobs } from './exports/export-jobs.js';
import { exportRoutes } from './exports/export-routes.js';
import { setFaultHandlers } from './fault-handler.js';
import { faceRoutes } from './faces/face-routes.js';
import { LibraryClient } from './library/library-client.js';
import { libraryRoutes } from './library/library-routes.js';
import { outlineRoutes } from './outlines/outline-routes.js';
import { styleRoutes } from './styles/style-routes.js';
import { cutoutRoutes } from './photos/cutout-routes.js';
import { photoRoutes } from './photos/photo-routes.js';
import { projectRoutes } from './projects/project-routes.js';
import { Services } from './services.js';
import { templateRoutes } from './templates/template-routes.js';
import { TaskPool } from './tasks/task-pool.js';
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
    forceCloseConnections: true,
  }).withTypeProvider<TypeBoxTypeProvider>();
  const connection = await connect(config.databaseUrl, (error) => app.log.warn(error, 'database connection lost'));
  const tasks = new TaskPool();
  const exportJobs = new ExportJobs(config.databaseUrl, connection.db, tasks, config.facesFolder, app.log);
  const library = new LibraryClient(config.libraryUrl, config.libraryPatience, config.limits.bytes);
  const services = new Services(config, connection.db, tasks, exportJobs, library);
  const workspaceName = await ensureWorkspace(connection.db, 'Wrenfold Pottery');
  await exportJobs.start();
  app.addHook('onClose', async () => {
    await exportJobs.stop();
    await tasks.close();
    await connection.close();
  });

  app.decorateRequest('workspaceId', HOME_WORKSPACE);
  setFaultHandlers(app);
  app.get(
    '/api/health',
    { schema: { response: { 200: Type.Object({ state: Type.Literal('ready'), workspace: Type.String() }) } } },
    async () => {
      await connection.db.execute(sql`select 1`);
      return { state: 'ready' as const, workspace: workspaceName };
    },
  );
  await app.register(photoRoutes, { services });
  await app.register(cutoutRoutes, { services });
  await app.register(faceRoutes, { services });
  await app.register(outlineRoutes, { services });
  await app.register(styleRoutes, { services });
  await app.register(projectRoutes, { services });
  await app.register(templateRoutes, { services });
  await app.register(libraryRoutes, { services });
  await app.register(exportRoutes, { services });
  await app.register(webPlugin, { config });
  return { app, services };
}
