import { useState, type PropsWithChildren, type ReactNode } from 'react';
import { undoHint } from '@cardinex/words/en/acts';
import type { OverheadView } from '@cardinex/core/job/cards/valves';
import type { CardName } from '@cardinex/core/job/tray';
import { valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { useActKeys } from '../../ui/useActKeys';
import { ActBar, type ActBarProps } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { KeyHelp } from '../job/KeyHelp';
import { useJob } from '../job/JobProvider';
import { useUndo } from '../job/useUndo';
import { ValvesBack } from './ValvesBack';
import { VALVES_ACTS } from './ownActs';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  /** Instead of which position it is. */
  readonly title?: string;
  readonly confirm: ActBarProps['confirm'];
  readonly notSo?: ActBarProps['notSo'];
  /** Does the last act stay as it is while something is being typed? */
  readonly typing?: boolean;
  readonly foot?: ReactNode;
  /** Laid over the card when open. */
  readonly slip?: ReactNode;
}

/** The card at one position of the plan: which of how many, what is done, and its keys. */
export function SettingFrame(props: PropsWithChildren<Props>) {
  const { card, view, title, confirm, notSo, typing = false, foot = null, slip, children } = props;
  const { sheet } = useJob();
  const { last, undo } = useUndo(VALVES_ACTS);
  const [help, setHelp] = useState(false);
  useActKeys({
    confirm: slip ? undefined : confirm.onPress,
    undo: last && !typing && !slip ? undo : undefined,
    help: () => setHelp(!help),
  });
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
      actBar={
        <ActBar
          undo={last ? { what: undoHint(last, sheet), onPress: undo } : null}
          {...(notSo && { notSo })}
          confirm={confirm}
        />
      }
      slip={slip ?? (help ? <KeyHelp onClose={() => setHelp(false)} /> : null)}
    >
      {children}
    </CardFrame>
  );
}
