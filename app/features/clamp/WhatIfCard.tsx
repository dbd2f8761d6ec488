import { router } from 'expo-router';
import { View } from 'react-native';
import { clampPlanOf } from '@cardinex/core/sheet/clampPlanOf';
import { ofInstance } from '@cardinex/core/sheet/ofInstance';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { clampWords as w } from '@cardinex/words/cards/clamp';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { WhatIf } from './WhatIf';

/** What another order or another stage would do to the set in hand. */
export function WhatIfCard({ set: id }: { set: string | undefined }) {
  const { jobId, sheet } = useJob();
  const whole = setOf(sheet, id ?? '');
  // Where its instances have bolts of their own, the first stands for all.
  const set = whole && ofInstance(whole, whole.instances[0] ?? '');
  const plan = set ? clampPlanOf(set) : null;
  return (
    <CardFrame
      card="tighten"
      {...(id !== undefined && { set: id })}
      title={w.title}
      aside={set?.name ?? ''}
      back={<BackOfCard says={w.back} />}
      actBar={
        <Button
          label={shared.back}
          kind="bench"
          tall
          onPress={() => router.push(`/jobs/${jobId}/tighten?set=${id ?? ''}`)}
        />
      }
    >
      <View className="gap-3 p-3.5">
        {plan && set ? (
          <>
            <EndMark end={sheet.cylinder1End} />
            <WhatIf set={set} order={plan.order} stages={plan.stages} />
          </>
        ) : (
          <Body>{w.cannot}</Body>
        )}
      </View>
    </CardFrame>
  );
}
