import { buildLibrary } from './build-library.js';

const app = await buildLibrary();
await app.listen({ host: '127.0.0.1', port: Number(process.env['LIBRARY_PORT'] ?? 0) });
const address = app.server.address();
process.send?.({ ready: true, port: typeof address === 'object' && address ? address.port : 0 });

const close = (): void => {
  void app.close().then(() => process.exit(0));
};
process.on('SIGTERM', close);
process.on('SIGINT', close);
// Without the process that started it, nobody would end it.
process.on('disconnect', close);
