import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { TrayCard } from '@cardinex/core/job/standing';
import { placeOf } from '@cardinex/core/job/kit/cardPlace';
import { remarksWords as w } from '@cardinex/words/remarks';
import { useJob } from '../job/JobProvider';
import { ReasonButton } from '../job/ReasonButton';
import { PhotographIt } from '../photographs/PhotographIt';
import { remarkSubject } from './remarkSubject';

/** Something seen on this card that is to be seen to later, by whoever saw it; photographed if it is worth it. */
export function MakeRemark({ entry }: { readonly entry: TrayCard }) {
  const { record } = useJob();
  const [made, setMade] = useState<string | null>(null);
  return (
    <>
      <ReasonButton
        button={w.make}
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
      />
      {made === null ? null : <PhotographIt of={remarkSubject(made)} />}
    </>
  );
}
