import { router } from 'expo-router';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { TrayCard } from '@cardinex/core/job/standing';
import { placeOf } from '@cardinex/core/job/kit/cardPlace';
import { photographWords } from '@cardinex/words/photographs';
import { remarksWords as w } from '@cardinex/words/remarks';
import { Button } from '../../ui/Button';
import { WordsSlip } from '../job/WordsSlip';
import { useJob } from '../job/JobProvider';
import { remarkSubject } from './remarkSubject';

/** Something seen on this card that is to be seen to later, by whoever saw it; photographed if it is worth it. */
export function MakeRemark({ entry }: { readonly entry: TrayCard }) {
  const { jobId, record } = useJob();
  const [asking, setAsking] = useState(false);
  const [made, setMade] = useState<string | null>(null);
  return (
    <>
      <Button label={w.make} onPress={() => setAsking(true)} />
      {made === null ? null : (
        <Button
          label={photographWords.of(0)}
          onPress={() =>
            router.push(`/jobs/${jobId}/photographs?of=${encodeURIComponent(remarkSubject(made))}`)
          }
        />
      )}
      {asking ? (
        <WordsSlip
          title={w.make}
          label={w.what}
          hint={w.whatHint}
          need={w.need}
          confirm={w.keep}
          onWords={async (words) => {
            const remark = uuidv7();
            const problem = await record('remark.made', { remark, words, ...placeOf(entry) });
            if (problem === null) setMade(remark);
            return problem;
          }}
          onClose={() => setAsking(false)}
        />
      ) : null}
    </>
  );
}
