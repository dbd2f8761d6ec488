import type { BoltFault } from '@cardinex/core/job/facts/run';
import { useState } from 'react';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { torqueToNm } from '@cardinex/core/quantity/units';
import { reachedVerdict } from '@cardinex/core/job/run/reached';
import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { degrees, pressure, type ReaderUnits } from '@cardinex/words/quantity';
import { reachedNmWords } from '@cardinex/words/runNames';

/** What is typed beside an act: what the wrench showed, how far it was turned, how far a nut went. */
export type ReachedKind = 'torque' | 'angle' | 'holes';

/** What a pull came to, ready to be kept; or why it is not so. */
export type Reached =
  | { readonly ok: true; readonly nm?: number; readonly deg?: number; readonly holes?: number }
  | { readonly ok: false; readonly fault?: BoltFault; readonly says: string };

/**
 * Which reading goes with an act.
 * @param counts are the holes of its nut counted?
 */
export function reachedKind({ kind }: TightenAct, counts: boolean): ReachedKind | null {
  if (kind === 'torque' || kind === 'check') return 'torque';
  if (kind === 'angle') return 'angle';
  return kind === 'hydraulic' && counts ? 'holes' : null;
}

/** Holds a reading, in core's units, against what was asked. */
export function judged(
  act: TightenAct,
  kind: ReachedKind,
  value: number,
  units: ReaderUnits,
): Reached {
  if (kind === 'holes') return { ok: true, holes: value };
  const verdict = reachedVerdict(act, value);
  if (verdict === 'within')
    return kind === 'torque' ? { ok: true, nm: value } : { ok: true, deg: value };
  const sentence = kind === 'torque' ? reachedNmWords(value, units) : w.reachedDeg(degrees(value));
  return missed(verdict, sentence);
}

function missed(verdict: 'short' | 'over', sentence: string): Reached & { ok: false } {
  return { ok: false, fault: verdict === 'short' ? 'did-not-reach' : 'over', says: sentence };
}

/** Holds where a pump was stopped against the pressure that was asked; null where it is as asked. */
export function pumpFault(
  act: TightenAct,
  bar: number,
  units: ReaderUnits,
): (Reached & { ok: false }) | null {
  const verdict = reachedVerdict(act, bar);
  return verdict === 'within' ? null : missed(verdict, w.reachedBar(pressure(bar, units)));
}

/** The reading typed beside the act in hand; emptied when another act is in hand. */
export function useReached(act: TightenAct | null, kind: ReachedKind | null, units: ReaderUnits) {
  const [typed, setTyped] = useState({ key: '', text: '' });
  const text = typed.key === act?.key ? typed.text : '';
  const read = (): Reached | null => {
    const bare = text.trim();
    if (!act || kind === null || bare === '') return null;
    const value = valueIn(bare, { torque: units.torque, angle: 'deg', holes: '' }[kind]);
    // No pull has a sign.
    if (value === null || value < 0) return { ok: false, says: w.notFigure };
    return judged(act, kind, kind === 'torque' ? torqueToNm(value, units.torque) : value, units);
  };
  return {
    text,
    setText: (next: string) => setTyped({ key: act?.key ?? '', text: next }),
    read,
  };
}
