import type { ActOf } from '../../act';
import { turnOverToStrip } from '../../attitude';
import type { DecideContext } from '../../decideContext';
import type { RunName } from '../../facts/run';
import { linerClamps, linersLoose } from '../../linersLoose';
import { pieceRef } from '../../pieceRef';
import { temporaryPartName } from '../../register';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { ACCEPTED, refused, type Verdict } from '../../verdict';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { headOf } from '../../../sheet/assembly/references';
import { capOfRun } from '../bearings/caps';
import { refusedCapsOff, refusedOpening } from '../bearings/rules';
import { isLoose, looseningsOf, onBeforeLoosening } from './loosening';
import { marksBefore, oldBoltsOf, toEase } from './view';

/** Old bolts are counted until none is missing: one left in a hole is found by the next head. */
export function decideBoltsCounted(
  { data }: ActOf<'bolts.counted'>,
  { sheet }: DecideContext,
): Verdict {
  const bolts = oldBoltsOf(sheet).find(({ key }) => key === `${data.set}/${data.group}`);
  if (!bolts) return refused('unknown-bolts');
  if (data.count !== bolts.count) {
    return refused('not-all-bolts', { count: data.count, total: bolts.count });
  }
  const limited = typeof bolts.group.uses === 'object';
  return limited && data.uses === undefined ? refused('uses-needed') : ACCEPTED;
}

/**
 * May pieces be said to be off? All that stands over them is, they are marked, what they ease is eased and what
 * clamps them is out; what was off before the job began only has to be known.
 */
export function decidePieceOff(
  state: JobState,
  { data }: ActOf<'piece.off'>,
  { sheet }: DecideContext,
): Verdict {
  const { pieces, found, words } = data;
  const unknown = pieces.find((id) => !sheet.comesOff.because.has(id));
  const [kind, ...others] = new Set(pieces.map(headOf));
  if (unknown !== undefined || kind === undefined || others.length > 0)
    return refused('unknown-piece', { piece: unknown ?? pieces.join(', ') });
  if ((found === 'worn' || found === 'damaged') && !words) return refused('words-needed');
  if (found === 'absent') return ACCEPTED;
  const on = onBefore(sheet, state, pieces);
  if (on !== undefined) return refused('piece-first', { piece: pieceRef(sheet, on) });
  const held = heldDown(sheet, state, pieces) ?? refusedCapsOff(sheet, state, pieces);
  if (held) return held;
  const to = turnOverToStrip(sheet, state, pieces);
  if (to !== null) return refused('turn-over-first', { to });
  const marks = marksBefore(sheet, state, pieces);
  if (marks.length > 0) return refused('marks-first', { marks: marks.map(({ code }) => code) });
  const [ease] = toEase(sheet, state, pieces);
  if (ease) return refused('ease-first', { piece: pieceRef(sheet, ease.piece) });
  return pieces.every((id) => isLoose(sheet, state, id)) ? ACCEPTED : refused('not-loose-yet');
}

/** The first piece that stands over these and is still on. What is only usual for a family never bars. */
function onBefore(
  { comesOff, whole }: JobSheet,
  state: JobState,
  pieces: readonly string[],
): string | undefined {
  if (assemblyGraph(whole).assembly.assumed) return undefined;
  return pieces
    .flatMap((id) => comesOff.before.get(id) ?? [])
    .find((id) => !state.pieces.off[id] && !pieces.includes(id));
}

/** A piston pulled past a loose liner lifts it; a liner under its clamp does not come out. */
function heldDown(sheet: JobSheet, state: JobState, pieces: readonly string[]): Verdict | null {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const kinds = pieces.map((id) => pieceOf(id)?.kind);
  if (kinds.includes('rod-and-piston') && linersLoose(sheet, state)) return refused('liners-loose');
  const parts = kinds.includes('liner') ? linerClamps(state) : [];
  if (parts.length === 0) return null;
  return refused('temporary-parts-in', { parts: parts.map(temporaryPartName) });
}

/** Is what stays eased for something that comes off? */
export function decidePieceEased(
  { data: { piece, off } }: ActOf<'piece.eased'>,
  { sheet }: DecideContext,
): Verdict {
  const asked = sheet.comesOff.eased.get(piece)?.includes(off);
  return asked ? ACCEPTED : refused('unknown-piece', { piece });
}

/** May a set be slackened? Nothing is let go while what it holds would fall, lift or turn. */
export function refusedLoosening(
  sheet: JobSheet,
  state: JobState,
  { set, instance }: Pick<RunName, 'set' | 'instance'>,
): Verdict | null {
  const { assembly, pieceOf } = assemblyGraph(sheet.whole);
  const entry = looseningsOf(sheet).find(
    (known) => known.set.id === set && known.instance === instance,
  );
  if (!entry) return null;
  const cap = capOfRun(sheet, { set, instance });
  const opening = cap ? refusedOpening(sheet, state, cap) : null;
  if (opening) return opening;
  const [piece] = assembly.assumed ? [] : onBeforeLoosening(sheet, state, entry);
  if (piece !== undefined) return refused('piece-first', { piece: pieceRef(sheet, piece) });
  const to = turnOverToStrip(sheet, state, entry.clamps);
  if (to !== null) return refused('turn-over-first', { to });
  const holdsRods = entry.clamps.some((id) => pieceOf(id)?.kind === 'rod-and-piston');
  return holdsRods && linersLoose(sheet, state) ? refused('liners-loose') : null;
}
