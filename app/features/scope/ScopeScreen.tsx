import { SCOPES, type Kept, type ScopeKind } from '@cardinex/core/job/facts/scope';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { mayKeep } from '@cardinex/core/job/plan/kept';
import { scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import { keptSentence, scopeTitle, scopeWords as w, undisturbed } from '@cardinex/words/scope';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ScopeChoice } from './ScopeChoice';
import { scopeOf } from './scopeOf';

/** How far the job goes, and going further with a reason. */
export function ScopeScreen() {
  const { jobId, sheet, pinned, record } = useJob();
  const [kind, setKind] = useState<ScopeKind | null>(null);
  const [only, setOnly] = useState('');
  const [also, setAlso] = useState<readonly string[]>([]);
  const [keep, setKeep] = useState<readonly Kept[]>([]);
  const [words, setWords] = useState('');
  const [tried, setTried] = useState(false);
  const now = sheet.scope;
  const liftedAsOne = keptSentence(sheet);
  const offered = scopesFor(pinned).filter(
    (item) => SCOPES.indexOf(item) > SCOPES.indexOf(now.kind),
  );
  const canWiden = now.kind !== 'everything';
  const widen = useOnce(async () => {
    setTried(true);
    const goes = kind && scopeOf({ kind, only, also });
    if (!goes || words.trim() === '' || keep.some(({ why }) => why.trim() === '')) return;
    const picked = [...new Set([...(now.also ?? []), ...(goes.also ?? [])])];
    const { keep: kept = [], ...far } = now;
    const wider = {
      // Pieces are picked besides: how far it went stays.
      ...(goes.kind === 'pieces' ? far : goes),
      ...(picked.length > 0 && { also: picked }),
    };
    // What stayed on stays, as long as it does not have to come off by itself now.
    const staying = [...kept.filter((one) => mayKeep(pinned, { ...wider, keep: [one] })), ...keep];
    const scope = { ...wider, ...(staying.length > 0 && { keep: staying }) };
    const problem = await record('scope.widened', { scope, words: words.trim() });
    if (problem === null) router.replace(`/jobs/${jobId}`);
  });
  return (
    <CardFrame
      card="scope"
      title={w.title}
      actBar={
        canWiden ? (
          <Button label={w.widen} hint={w.widenHint} kind="expected" tall onPress={widen} />
        ) : undefined
      }
    >
      <View className="gap-4 p-3.5">
        <View>
          <Small>{w.from}</Small>
          <Body className="font-strong">{scopeTitle(now)}</Body>
          <Small>{undisturbed(sheet)}</Small>
          {liftedAsOne === null ? null : <Small>{liftedAsOne}</Small>}
        </View>
        {canWiden ? (
          <>
            <ScopeChoice
              sheet={pinned}
              kind={kind}
              only={only}
              tried={tried}
              label={w.wider}
              offered={offered}
              onKind={(next) => {
                setKind(next);
                setOnly('');
                setKeep([]);
              }}
              also={also}
              keep={keep}
              onKeep={setKeep}
              gone={[...sheet.comesOff.because.keys()].map(headOf)}
              onOnly={setOnly}
              onAlso={setAlso}
            />
            <Field
              label={w.why}
              value={words}
              onChangeText={setWords}
              fault={tried && words.trim() === '' ? w.needWhy : undefined}
            />
          </>
        ) : null}
      </View>
    </CardFrame>
  );
}
