import { readConfig } from './config';
import { startServer } from './start';

const server = await startServer(readConfig(process.env));
console.log(`listening ${server.address}`);

let stopping = false;
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    if (stopping) return;
    stopping = true;
    void server.stop().then(() => process.exit(0));
  });
}
