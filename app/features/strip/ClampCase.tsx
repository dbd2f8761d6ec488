import { v7 as uuidv7 } from 'uuid';
import { THING_BARS, registerWords as w, thingKindName } from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Through bolts are slack while their cylinders are off: plates on their ends hold the case, and the crank may turn. */
export function ClampCase() {
  const { record } = useJob();
  const clamp = useOnce(() =>
    record('temporary-part.put-in', {
      part: uuidv7(),
      kind: 'case-clamp',
      what: thingKindName('case-clamp'),
      where: w.caseClampWhere,
      bars: THING_BARS['case-clamp'],
    }),
  );
  return <Button label={w.caseClamped} onPress={clamp} />;
}
