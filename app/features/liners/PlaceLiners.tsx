import { viewsOn } from '@cardinex/core/job/checks/views';
import { router } from 'expo-router';
import { View } from 'react-native';
import type { LinerArrange } from '@cardinex/core/block/linerArrange';
import { boreIds } from '@cardinex/core/job/cards/liners/view';
import { placingOf } from '@cardinex/core/job/cards/liners/placing';
import { cardBacks, placeWords as w } from '@cardinex/words/cards/buildSteps';
import { Button } from '../../ui/Button';
import { Body, Small } from '../../ui/Words';
import { CheckRow } from '../checks/CheckRow';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { FootMark } from '../job/FootMark';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { ArrangeAnswer } from './arrange/ArrangeAnswer';
import { useArranged } from './arrange/useArranged';
import { LINERS_ACTS } from './ownActs';

/** Which liner goes in which bore: ledges and flanges measured, as they are beside the best, then placed. */
export function PlaceLiners() {
  const { jobId, sheet, state, record } = useJob();
  const { undo, frame } = useCard({
    card: 'liners',
    acts: LINERS_ACTS,
    isHere: ({ type }) => type === 'liners.placed',
    says: cardBacks.liners,
    done: false,
  });
  const arranging = useArranged(placingOf(sheet, state.checks));
  const back = (): void => router.push(`/jobs/${jobId}/liners`);
  const place = async ({ placement }: LinerArrange): Promise<void> => {
    const problem = await record('liners.placed', {
      placement: placement.map(({ bore, liner, shimsMm }) => ({ bore, liner, shimsMm })),
    });
    if (problem === null) back();
  };
  const found = arranging?.state === 'done' ? arranging.found : null;
  const take = useOnce(async () => {
    if (found) await place(found.best);
  });
  const stay = useOnce(async () => {
    if (found?.standing) await place(found.standing);
  });
  const moved = found?.best.moved.length ?? 0;
  return (
    <CardFrame
      {...frame}
      title={w.title}
      foot={state.liners.placed ? <FootMark kind="within" word={w.placed} /> : null}
      acts={
        found
          ? {
              undo,
              notSo: { label: w.stay, onPress: found.standing && moved > 0 ? stay : back },
              confirm: { label: w.take, hint: w.takeHint(moved), onPress: take },
            }
          : null
      }
      actBar={<Button label={w.back} kind="bench" tall onPress={back} />}
    >
      {viewsOn(sheet, state.checks, 'liners').map((view) => (
        <CheckRow key={view.check.id} view={view} />
      ))}
      <View className="gap-2 px-3.5 py-3">
        {arranging ? (
          <>
            <View className="flex-row items-center justify-between">
              <EndMark end={sheet.cylinder1End} />
              <Small>{w.fromAbove}</Small>
            </View>
            <ArrangeAnswer bores={boreIds(sheet)} arranging={arranging} />
          </>
        ) : (
          <Body>{w.measure}</Body>
        )}
      </View>
    </CardFrame>
  );
}
