import type { WrenchShown } from '@cardinex/core/job/facts/run';
import type { NutPulled } from '@cardinex/core/job/facts/valves';
import { useState } from 'react';
import { lockNutNm, lockNutOf } from '@cardinex/core/job/cards/valves/lockNut';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import type { SettingItem } from '@cardinex/core/sheet/settingItems';
import { isChecked, toolStanding } from '@cardinex/core/tools/standing';
import type { ToolState } from '@cardinex/core/tools/tool';
import { wrenchShown } from '@cardinex/core/tools/wrench';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { useTools } from '../../../session/queries';
import { useJob } from '../../job/JobProvider';

/** With what the nut is pulled: a wrench and what is on it; no wrench is by hand. */
export interface NutHand {
  readonly wrenchId: string | null;
  readonly adapter: NutPulled['adapter'] | null;
}

export interface LockNut {
  /** In newton metres; null where the manual says something else, which is `says`. */
  readonly nm: number | null;
  readonly says: string;
  readonly hand: NutHand;
  readonly take: (hand: NutHand) => void;
  /** Is another being chosen, on a slip over the card? */
  readonly choosing: boolean;
  readonly choose: (choosing: boolean) => void;
  /** The wrench in hand; null by hand. */
  readonly wrench: string | null;
  /** Why that wrench cannot pull it as it stands. */
  readonly against: 'out-of-range' | 'adapter' | null;
  /** What the act carries; absent by hand, and where something stands against the wrench. */
  readonly pulled: NutPulled | undefined;
  /** Those that may be taken here. */
  readonly tools: readonly ToolState[];
}

/**
 * The lock nut of an item's screw and what pulls it, as the one before it was pulled. The first is by
 * hand until a wrench is chosen: none is recorded that nobody took. Null where nothing locks.
 */
export function useLockNut(item: SettingItem): LockNut | null {
  const { sheet, state } = useJob();
  const crib = useTools().data?.tools ?? [];
  const [chosen, take] = useState<NutHand | null>(null);
  const [choosing, choose] = useState(false);
  const printed = lockNutOf(sheet, item);
  if (!printed) return null;
  const nm = lockNutNm(printed);
  const today = new Date().toISOString().slice(0, 10);
  const tools = sheet.calibratedTools
    ? crib.filter((tool) => isChecked(toolStanding(tool, today)))
    : crib.filter((tool) => !tool.off);
  const before = state.valves.lastNut;
  const hand: NutHand = chosen ?? {
    wrenchId: before?.wrench ?? null,
    adapter: before?.adapter ?? null,
  };
  const tool = tools.find(({ id }) => id === hand.wrenchId);
  const wrench = tool ? wrenchShown(tool) : null;
  const setNm = wrench && nm !== null ? settingOf(nm, hand, wrench, today) : null;
  const against = wrench && nm !== null ? objection(wrench, setNm) : null;
  return {
    nm,
    says: 'missing' in printed ? printed.missing : '',
    hand,
    take,
    choosing,
    choose,
    tools,
    wrench: wrench?.name ?? null,
    against,
    pulled:
      wrench && nm !== null && setNm !== null && against === null
        ? {
            nm,
            setNm,
            wrench: wrench.id,
            name: wrench.name,
            ...(hand.adapter && { adapter: hand.adapter }),
          }
        : undefined,
  };
}

function objection(wrench: WrenchShown, setNm: number | null): LockNut['against'] {
  if (setNm === null) return 'adapter';
  return reaches(wrench, setNm) ? null : 'out-of-range';
}

/** Null for an adapter that cannot be reckoned with. */
function settingOf(
  nm: number,
  { adapter }: NutHand,
  wrench: WrenchShown,
  at: string,
): number | null {
  try {
    return wrenchSettingNm(nm, { wrench, adapter: adapter ?? null, at });
  } catch (error) {
    if (error instanceof ReckoningFault) return null;
    throw error;
  }
}
