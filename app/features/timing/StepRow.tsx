import { View } from 'react-native';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { cn } from '../../ui/cn';

interface Props {
  readonly name: string;
  /** Where in the work it belongs. */
  readonly when: string;
  readonly standing: 'done' | 'now' | 'open';
}

const MARKS = { done: 'within', now: 'now', open: 'ahead' } as const;

/** One step of a list that is gone through in order. */
export function StepRow({ name, when, standing }: Props) {
  return (
    <View
      className={cn(
        'min-h-[48px] flex-row items-center gap-3 border-t border-rule px-3.5 py-1.5',
        standing === 'now' && 'bg-tab',
      )}
      {...(standing === 'now' && { 'aria-current': 'step' as const })}
    >
      <Mark kind={MARKS[standing]} />
      <Body className="flex-1">{name}</Body>
      <Small>{when}</Small>
    </View>
  );
}
