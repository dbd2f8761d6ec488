/** What ails a database that cannot do what it was asked: it does not answer, or its disk is full. */
type DatabaseTrouble = 'away' | 'full';

/** SQLSTATE classes and codes of a database that is going down, coming up, overrun or too slow. */
const AWAY = /^(08...|57P0[1-4]|57014|25P03|53[23]00|58...|XX001)$/;
const FULL = /^53100$/;

/** What Node and the driver say when a connection is refused, lost or silent. */
const SOCKET = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'EHOSTUNREACH',
  'ENOTFOUND',
]);
const DRIVER =
  /connection terminated|query read timeout|timeout exceeded|timeout expired|not queryable|connection.* closed/i;
const POOL = /^SequelizeConnection/;

/** Has the database itself said what went wrong? Then it has done nothing of what it was asked. */
export function isAnswered(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const { code, parent } = error as Error & { readonly code?: unknown; readonly parent?: unknown };
  if (typeof code === 'string' && /^[0-9A-Z]{5}$/.test(code) && !SOCKET.has(code)) return true;
  return parent !== undefined && parent !== error && isAnswered(parent);
}

/** Does the database say that a key is taken? */
export function isKeyTaken(error: unknown): boolean {
  return error instanceof Error && (error as { readonly code?: unknown }).code === '23505';
}

/** Did the database say nothing for as long as it is waited for? */
export function isSilent(error: unknown): boolean {
  return error instanceof Error && /timeout/i.test(error.message);
}

/** Whether an error is the database's trouble and not a fault of the question; null when it is not. */
export function troubleOf(error: unknown): DatabaseTrouble | null {
  if (!(error instanceof Error)) return null;
  const { code, parent } = error as Error & { readonly code?: unknown; readonly parent?: unknown };
  if (typeof code === 'string') {
    if (FULL.test(code)) return 'full';
    if (AWAY.test(code) || SOCKET.has(code)) return 'away';
  }
  if (parent !== undefined && parent !== error) {
    const inner = troubleOf(parent);
    if (inner) return inner;
  }
  return POOL.test(error.name) || DRIVER.test(error.message) ? 'away' : null;
}
