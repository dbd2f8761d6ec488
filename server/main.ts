import { readConfig } from './config';
import { startServer, type RunningServer } from './start';
import { StartupError } from './startupError';

const server = await started();
console.log(`listening ${server.address}`);

let stopping = false;
function stop(): void {
  if (stopping) return;
  stopping = true;
  void server.stop().then(() => process.exit(0));
}

process.on('SIGINT', stop);
process.on('SIGTERM', stop);
// Started by a script of ours: a server without its starter would hold the port for nobody.
process.on('disconnect', stop);

/** What whoever starts it can mend is said in a sentence; anything else with its stack. */
async function started(): Promise<RunningServer> {
  try {
    return await startServer(readConfig(process.env));
  } catch (error) {
    console.error(error instanceof StartupError ? error.message : error);
    process.exit(1);
  }
}
