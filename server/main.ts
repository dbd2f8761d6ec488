import { readConfig } from './config';
import { startServer } from './start';

const server = await startServer(readConfig(process.env));
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
