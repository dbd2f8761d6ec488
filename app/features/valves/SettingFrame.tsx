import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { PropsWithChildren, ReactNode } from 'react';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import type { CardActs } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { useUndo } from '../job/useUndo';
import { ValvesBack } from './ValvesBack';
import { VALVES_ACTS } from './ownActs';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  /** Instead of which position it is. */
  readonly title?: string;
  readonly confirm: CardActs['confirm'];
  readonly notSo?: CardActs['notSo'];
  readonly asked?: CardActs['asked'];
  /** Does the last act stay as it is while something is being typed? */
  readonly typing?: boolean;
  readonly foot?: ReactNode;
  /** Laid over the card when open. */
  readonly slip?: ReactNode;
}

/** The card at one position of the plan: which of how many, what is done, and its keys. */
export function SettingFrame(props: PropsWithChildren<Props>) {
  const { card, view, title, confirm, notSo, asked, typing = false, foot = null, slip } = props;
  const { undo } = useUndo(VALVES_ACTS);
  const { plan, next, doneCount, items } = view;
  const number = next ? plan.positions.indexOf(next) + 1 : 0;
  return (
    <CardFrame
      card={card}
      title={title ?? w.standingAt(number, plan.positions.length)}
      aside={
        card === 'recheck'
          ? w.countChecked(doneCount, items.length)
          : w.countSet(doneCount, items.length)
      }
      back={<ValvesBack view={view} />}
      foot={foot}
      acts={{ undo, ...(notSo && { notSo }), confirm, asked: asked ?? null, typing }}
      slip={slip}
    >
      {props.children}
    </CardFrame>
  );
}
