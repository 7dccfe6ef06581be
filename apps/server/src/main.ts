import { buildServer } from './build-server.js';
import { readConfig, type Config } from './config.js';
import { seedSamples } from './seed.js';
import { HOME_WORKSPACE } from './workspace.js';

/** What is set makes no sense; the number is that of sysexits.h. ./start tells it from other ends. */
const WRONG_SETTINGS = 78;

function readSettings(): Config {
  try {
    return readConfig(process.env);
  } catch (error) {
    console.error((error as Error).message);
    process.exit(WRONG_SETTINGS);
  }
}

const config = readSettings();
const { app, services } = await buildServer(config);

const samples = process.env['SAMPLES'] ?? 'when-empty';
if (samples !== 'none') await seedSamples(services, { reset: samples === 'reset' });

await app.listen({ host: config.host, port: config.port });
const address = app.server.address();
const port = typeof address === 'object' && address ? address.port : config.port;
process.send?.({ ready: true, port });
// Whoever comes first is to find pictures of everything.
services.pictures.drawMissing(HOME_WORKSPACE).catch(() => undefined);

let closing = false;
const close = (): void => {
  if (closing) return;
  closing = true;
  void app.close().then(() => process.exit(0));
};
process.on('SIGINT', close);
process.on('SIGTERM', close);
// Without the process that started it, nobody would end the server.
process.on('disconnect', close);
