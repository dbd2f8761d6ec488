import { useState } from 'react';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { settable } from '@cardinex/core/overhead/settable';
import { useJob } from '../job/JobProvider';

/** Where the crank stands: what may be set here, and which of it is in hand. */
export interface SettingPlace {
  readonly may: ReadonlySet<string>;
  readonly current: ItemView | undefined;
  readonly choose: (item: string) => void;
  /** Goes on to the next that is open. */
  readonly goOn: () => void;
}

export function useSettingPlace(view: OverheadView): SettingPlace {
  const { state } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const here = settable({ ...view.overhead, atDeg: state.crank.atDeg ?? 0 });
  const planned = new Set(view.next?.set.map((item) => item.id));
  const own = new Set(view.planned.map(({ id }) => id));
  // What the plan sets here may be set here, also where only the book says so.
  const may = new Set([
    ...here.items.filter((i) => i.verdict === 'settable' && own.has(i.id)).map((i) => i.id),
    ...planned,
  ]);
  const current =
    view.items.find(({ item }) => item.id === chosen && may.has(item.id)) ??
    view.items.find(({ item }) => view.wanted.has(item.id) && planned.has(item.id));
  return { may, current, choose: setChosen, goOn: () => setChosen(null) };
}
