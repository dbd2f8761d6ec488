import { z } from 'zod';
import { plainWords } from './plainWords';

type Issue = z.core.$ZodIssue;
type Step = PropertyKey;

export interface ShapeFault {
  /** "fastenedSets[0].groups[1].thread"; empty for the whole document. */
  readonly at: string;
  readonly says: string;
}

/** One thing wrong with a document: where, and what would be right. */
export interface DocumentFault extends ShapeFault {
  /** False: worth a look, and may stand. */
  readonly bars: boolean;
}

/**
 * Reads a value with a schema. Where the schema has no words of its own for what is wrong, ours are
 * used, never those of the library.
 */
export function read<Schema extends z.ZodType>(
  schema: Schema,
  value: unknown,
): z.ZodSafeParseResult<z.output<Schema>> {
  return schema.safeParse(value, { reportInput: true, error: plainWords });
}

/** One thing a schema found, at its own place. */
export interface DeepIssue {
  readonly path: readonly Step[];
  /** Nothing stands there, where something must. */
  readonly missing: boolean;
}

/**
 * Everything a schema found, each at its own place. Where one of several shapes was wanted, what is
 * wrong with the nearest of them is told, not merely that none fits.
 */
export function faultsOfZod(error: z.ZodError): readonly ShapeFault[] {
  return deepest(error).map(({ path, missing, says }) => ({
    at: placeOf(path),
    says: missing && says !== 'is missing' ? `is missing: ${says}` : says,
  }));
}

/** Where everything a schema found stands. */
export function deepIssues(error: z.ZodError): readonly DeepIssue[] {
  return deepest(error);
}

interface Found extends DeepIssue {
  readonly says: string;
}

function deepest(error: z.ZodError): readonly Found[] {
  return error.issues.flatMap((issue) => foundIn(issue, []));
}

function foundIn(issue: Issue, above: readonly Step[]): Found[] {
  const path = [...above, ...issue.path];
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      path: [...path, key],
      missing: false,
      says: 'is not a field known here; check its spelling',
    }));
  }
  if (issue.code === 'invalid_union' && issue.errors.length > 0) {
    const nearest = nearestBranch(issue.errors);
    if (nearest) return nearest.flatMap((inner) => foundIn(inner, path));
  }
  const sentence = issue.message;
  const missing =
    sentence === 'is missing' ||
    ('input' in issue && issue.input === undefined && issue.path.length > 0);
  return [{ path, missing, says: sentence }];
}

/** The shape that was meant: the one whose own fields are all there and only their values are wrong. */
function nearestBranch(branches: readonly (readonly Issue[])[]): readonly Issue[] | null {
  const inside = branches.filter((issues) =>
    issues.every((issue) => issue.path.length > 0 && issue.code !== 'unrecognized_keys'),
  );
  const meant = inside.filter((issues) => issues.some((issue) => issue.path.length > 1));
  return (meant.length > 0 ? meant : inside).sort((a, b) => a.length - b.length)[0] ?? null;
}

/** @example placeOf(['banks', 0, 'name']) // 'banks[0].name' */
export function placeOf(path: readonly Step[]): string {
  return path.reduce<string>((text, step) => {
    if (typeof step === 'number') return `${text}[${step}]`;
    return text === '' ? String(step) : `${text}.${String(step)}`;
  }, '');
}
