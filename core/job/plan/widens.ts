import type { EngineSheet } from '../../sheet/engineSheet';
import { SCOPES, type Scope } from '../facts/scope';
import { comesOffFor } from './comesOff';
import { cylindersInHand } from './cylindersInHand';

/** Does `to` go at least as far into the engine as `from`, with all that comes off for it, and further somewhere? */
export function widens(sheet: EngineSheet, from: Scope, to: Scope): boolean {
  const rank = ({ kind }: Scope): number => SCOPES.indexOf(kind);
  const [before, wider] = [cylindersInHand(sheet, from), cylindersInHand(sheet, to)];
  const [off, more] = [comesOffFor(sheet, from).because, comesOffFor(sheet, to).because];
  return (
    rank(to) >= rank(from) &&
    before.every((cylinder) => wider.includes(cylinder)) &&
    [...off.keys()].every((id) => more.has(id)) &&
    (rank(to) > rank(from) || wider.length > before.length || more.size > off.size)
  );
}
