import { serveInstruments } from './serve';

/** The stand-ins as a process of their own: `npm start` runs it beside the server. */
const port = Number(process.env.INSTRUMENTS_PORT ?? 4705);
process.on('SIGTERM', () => process.exit(0));
try {
  const { address } = await serveInstruments({
    port,
    seed: Number(process.env.INSTRUMENTS_SEED ?? 1),
    troubled: Number(process.env.INSTRUMENTS_TROUBLED ?? 0.08),
  });
  process.stdout.write(`Stand-in instruments: http://${address}\n`);
} catch (error) {
  // Another copy has them already, or somebody else the port: the shop works without.
  const why = error instanceof Error ? error.message : String(error);
  process.stdout.write(`No stand-in instruments at port ${port}: ${why}\n`);
}
