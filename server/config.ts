import { z } from 'zod';

const environment = z.object({
  PORT: z.coerce.number().int().min(0).max(65535).default(4700),
  HOST: z.string().default('127.0.0.1'),
  DATABASE_URL: z.string().min(1, 'is needed: the address of the PostgreSQL database'),
  /** The exported app; without it only the API is served. */
  CARDINEX_APP: z.string().optional(),
  TLS_CERT: z.string().optional(),
  TLS_KEY: z.string().optional(),
  LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('info'),
});

export interface Config {
  readonly port: number;
  readonly host: string;
  readonly databaseUrl: string;
  readonly appFolder: string | undefined;
  readonly tls: { readonly certFile: string; readonly keyFile: string } | undefined;
  readonly logLevel: string;
}

/**
 * The server's settings from its environment.
 * @throws Error naming each setting that is missing or wrong
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const parsed = environment.safeParse(env);
  if (!parsed.success) {
    const faults = parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
    throw new Error(`These settings are wrong.\n${faults.join('\n')}`);
  }
  const { PORT, HOST, DATABASE_URL, CARDINEX_APP, TLS_CERT, TLS_KEY, LOG_LEVEL } = parsed.data;
  return {
    port: PORT,
    host: HOST,
    databaseUrl: DATABASE_URL,
    appFolder: CARDINEX_APP,
    tls: TLS_CERT && TLS_KEY ? { certFile: TLS_CERT, keyFile: TLS_KEY } : undefined,
    logLevel: LOG_LEVEL,
  };
}
