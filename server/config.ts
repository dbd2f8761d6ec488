import { z } from 'zod';
import { faultsOfZod, read } from '@cardinex/contract/faults';
import { StartupError } from './startupError';

const environment = z.object({
  PORT: z.coerce.number().int().min(0).max(65535).default(4700),
  HOST: z.string().default('127.0.0.1'),
  DATABASE_URL: z.string().min(1, 'is needed: the address of the PostgreSQL database'),
  /** The same database under the role that owns its tables, which makes them; used at the start only. */
  DATABASE_OWNER_URL: z.string().optional(),
  /** The exported app; without it only the API is served. */
  CARDINEX_APP: z.string().optional(),
  TLS_CERT: z.string().optional(),
  TLS_KEY: z.string().optional(),
  /** How many balancers stand before it, each naming the address it was asked from; 0 for none. */
  TRUST_PROXY: z.coerce.number().int().min(0).max(8).default(0),
  /** Where instruments of the shop are reached beside those on this device: origins, with spaces between. */
  INSTRUMENT_ORIGINS: z
    .string()
    .default('')
    .transform((text) => text.split(/\s+/).filter(Boolean))
    .pipe(
      z.array(
        z
          .string()
          .regex(/^wss?:\/\/[a-z0-9.-]+(:\d{1,5})?$/i, 'is a list like wss://wrenches.shop:4705'),
      ),
    ),
  /** Whether each answer is held against what is published of it: while developing, and in tests. */
  CHECK_ANSWERS: z.stringbool({ truthy: ['true'], falsy: ['false'] }).default(false),
  LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('info'),
});

export interface Config {
  readonly port: number;
  readonly host: string;
  readonly databaseUrl: string;
  readonly databaseOwnerUrl: string;
  readonly appFolder: string | undefined;
  readonly tls: { readonly certFile: string; readonly keyFile: string } | undefined;
  readonly trustProxy: number;
  readonly instrumentOrigins: readonly string[];
  readonly checkAnswers: boolean;
  readonly logLevel: string;
}

/**
 * The server's settings from its environment.
 * @throws StartupError naming each setting that is missing or wrong
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const parsed = read(environment, env);
  if (!parsed.success) {
    // A setting is named as it is in the environment, not by its place in a list.
    const faults = faultsOfZod(parsed.error).map(
      ({ at, says }) => `${at.replace(/\[.*/, '')}: ${says}`,
    );
    throw new StartupError(`These settings are wrong.\n${faults.join('\n')}`);
  }
  const settings = parsed.data;
  return {
    port: settings.PORT,
    host: settings.HOST,
    databaseUrl: settings.DATABASE_URL,
    databaseOwnerUrl: settings.DATABASE_OWNER_URL ?? settings.DATABASE_URL,
    appFolder: settings.CARDINEX_APP,
    tls: tlsOf(settings.TLS_CERT, settings.TLS_KEY),
    trustProxy: settings.TRUST_PROXY,
    instrumentOrigins: settings.INSTRUMENT_ORIGINS,
    checkAnswers: settings.CHECK_ANSWERS,
    logLevel: settings.LOG_LEVEL,
  };
}

/** Both or neither: one alone would silently serve what was meant to be closed in the open. */
function tlsOf(cert: string | undefined, key: string | undefined): Config['tls'] {
  if (!cert && !key) return undefined;
  if (!cert) throw new StartupError('TLS_CERT: is needed beside TLS_KEY: the certificate file.');
  if (!key) throw new StartupError('TLS_KEY: is needed beside TLS_CERT: the file of its key.');
  return { certFile: cert, keyFile: key };
}

/** Would what is said be read and changed on the way: plain HTTP beyond this machine? */
export function isInTheOpen({
  tls,
  trustProxy,
  host,
}: Pick<Config, 'tls' | 'trustProxy' | 'host'>): boolean {
  const isLoopback = host === 'localhost' || host === '::1' || host.startsWith('127.');
  return tls === undefined && trustProxy === 0 && !isLoopback;
}
