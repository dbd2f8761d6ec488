import { ReckoningFault, requireDistinct, requireSome } from '../quantity/reckoningFault';
import type { ReachInput } from './reachInput';

/**
 * Holds every id of the input against the lists it is of, and what is kept against what is asked for.
 * @throws ReckoningFault at the first place that names something unknown or twice
 */
export function checkReach({ pieces, acts = [], targets, keep = [], ways = {} }: ReachInput): void {
  requireSome('pieces', pieces);
  requireDistinct(
    'pieces',
    pieces.map(({ id }) => id),
  );
  const isPiece = new Set(pieces.map(({ id }) => id));
  acts.forEach(({ id }, place) => {
    if (isPiece.has(id)) throw new ReckoningFault(`acts[${place}].id`, 'repeated', { id });
  });
  requireDistinct(
    'acts',
    acts.map(({ id }) => id),
  );
  const isEither = new Set([...isPiece, ...acts.map(({ id }) => id)]);
  requireKnown('targets', targets, isEither);
  requireSome('targets', targets);
  requireDistinct('targets', targets, null);
  pieces.forEach((piece, place) => {
    for (const field of ['restsOn', 'shuts', 'eases', 'onAfter', 'offAfter'] as const) {
      requireKnown(
        `pieces[${place}].${field}`,
        piece[field] ?? [],
        field === 'shuts' ? isEither : isPiece,
      );
    }
  });
  acts.forEach(({ needs = [] }, place) => requireKnown(`acts[${place}].needs`, needs, isPiece));
  checkKept({ keep, targets, pieces, isPiece });
  for (const [target, sets] of Object.entries(ways)) {
    if (!targets.includes(target))
      throw new ReckoningFault(`ways.${target}`, 'unknown-id', { id: target });
    requireSome(`ways.${target}`, sets);
    sets.forEach((way, place) => requireKnown(`ways.${target}[${place}]`, way, isPiece));
  }
}

function requireKnown(field: string, ids: readonly string[], known: ReadonlySet<string>): void {
  ids.forEach((id, place) => {
    if (!known.has(id)) throw new ReckoningFault(`${field}[${place}]`, 'unknown-id', { id });
  });
}

function checkKept({
  keep,
  targets,
  pieces,
  isPiece,
}: Required<Pick<ReachInput, 'keep' | 'targets' | 'pieces'>> & {
  readonly isPiece: ReadonlySet<string>;
}): void {
  requireDistinct(
    'keep',
    keep.map(({ id }) => id),
  );
  const onOf = new Map(keep.map(({ id, on }) => [id, on]));
  keep.forEach(({ id, on }, place) => {
    const at = `keep[${place}]`;
    for (const [key, named] of Object.entries({ id, on })) {
      if (!isPiece.has(named))
        throw new ReckoningFault(`${at}.${key}`, 'unknown-id', { id: named });
    }
    const passed = new Set([id]);
    for (let next: string | undefined = on; next !== undefined; next = onOf.get(next)) {
      if (passed.has(next)) throw new ReckoningFault(`${at}.on`, 'kept-on-itself');
      passed.add(next);
    }
    const shuts = pieces.find((piece) => piece.id === id)?.shuts ?? [];
    const target = targets.find((entry) => entry === id || shuts.includes(entry));
    if (target !== undefined) throw new ReckoningFault(at, 'kept-must-come-off', { target });
  });
}
