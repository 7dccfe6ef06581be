// ./start: everything from a checkout to a running application.
import { parseArgs } from 'node:util';
import { buildAssets, buildPackages, buildServer, buildWeb } from './build.mjs';
import { main, phase, Stop } from './console.mjs';
import { checkNode, installPackages } from './packages.mjs';
import { dataFolder } from './places.mjs';
import { lock } from './start/lock.mjs';
import { Supervisor } from './start/supervisor.mjs';

const HELP = `Usage: ./start [--empty | --reset-demo]

Installs and builds what is missing, starts the database and the server, and prints the address.
Ctrl-C stops both; everything is kept.

  --empty        do not load the sample projects
  --reset-demo   put the sample projects back as they were (removes all projects, keeps photos)
  --help         this text

  PORT           port of the application       (4310; 0 for any free one)
  HOST           address it listens on         (127.0.0.1)
  KADROSYN_HOSTS names it is reached under, with commas between, where HOST lets other machines in
  KADROSYN_DATA  folder of the database        (data, in the project)
`;

main(async () => {
  const options = readOptions();
  if (options.help) return void process.stdout.write(HELP);
  checkNode();
  const folder = dataFolder();
  const unlock = lock(folder);
  console.log('Kadrosyn');
  const supervisor = new Supervisor(folder, options, unlock);
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => supervisor.stop());
  try {
    // What does not wait for another is done beside it; each line says how long that was still waited for.
    const database = begun(supervisor.startDatabase());
    await phase('Packages', installPackages);
    await phase('Libraries', () => Promise.all([buildAssets(), buildPackages()]));
    const web = begun(buildWeb());
    await phase('Server', buildServer);
    await phase('Database', () => database);
    await supervisor.startLibrary();
    // While the samples are put in, the web application is being built.
    await phase('Samples', () => supervisor.startServer());
    await phase('Web application', () => web);
  } catch (error) {
    await supervisor.stop(1, error instanceof Stop ? error.message : error.stack);
  }
  console.log(`\nKadrosyn is at ${supervisor.address}\nCtrl-C stops it.`);
});

/** Something that goes on by itself; what goes wrong is said where it is waited for. */
function begun(work) {
  work.catch(() => undefined);
  return work;
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: { empty: { type: 'boolean' }, 'reset-demo': { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
    });
    return values;
  } catch (error) {
    throw new Stop(`${error.message}\n\n${HELP}`);
  }
}
