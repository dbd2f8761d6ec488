import { topWords as w } from '@cardinex/words/cards/top';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';

/** The way to finding the top where nothing marks it; or the mark that was made there. */
export function ToTop() {
  const { jobId, state } = useJob();
  const { mark } = state.top;
  if (mark) return <Mark kind="within" word={mark.words} />;
  return (
    <GoTo href={`/jobs/${jobId}/top`} className="min-h-[56px] justify-center">
      <Body className="font-strong text-blue underline">{w.none}</Body>
    </GoTo>
  );
}
