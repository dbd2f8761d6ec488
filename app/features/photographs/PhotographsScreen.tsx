import { useShopTime } from '../../session/useShopTime';
import type { KeptPhotograph } from '../../ledger/kept';
import type { Photograph } from '@cardinex/core/job/facts/photographs';
import { useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import { photographWords as w } from '@cardinex/words/photographs';
import { shared } from '@cardinex/words/screens';
import { useBench, useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Slip } from '../../ui/Slip';
import { Body, Small } from '../../ui/Words';
import { FootMark } from '../job/FootMark';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { madeSmall } from './madeSmall';
import { Picture } from './Picture';
import { useKeptPhotographs } from './useKeptPhotographs';

/** Photographs of a job in the order they were taken, or those of one part or check. */
export function PhotographsScreen({ of }: { of: string | undefined }) {
  const { jobId, state, record } = useJob();
  const { ledgers } = useBench();
  const stored = useKeptPhotographs(jobId);
  const files = useRef<HTMLInputElement>(null);
  const [says, setSays] = useState('');
  const [tried, setTried] = useState(false);
  const [making, setMaking] = useState<{ done: number; of: number } | null>(null);
  const [larger, setLarger] = useState<Photograph | null>(null);
  const [unread, setUnread] = useState<string | null>(null);
  const shown = state.photographs.filter((entry) => of === undefined || entry.of === of);
  const storedCount = [...(stored?.values() ?? [])].filter(({ picture }) => picture).length;

  const take = async (chosen: readonly File[]): Promise<void> => {
    setUnread(null);
    for (const [place, file] of chosen.entries()) {
      setMaking({ done: place, of: chosen.length });
      try {
        const { picture, small, sha256 } = await madeSmall(file);
        const id = uuidv7();
        // First the picture, then the word of it: no log tells of a picture that nobody has.
        await ledgers.storage.keepPhotograph({ id, jobId, picture, small });
        const numbered = chosen.length > 1 ? `${says.trim()} (${place + 1})` : says.trim();
        const photographHere = {
          photograph: id,
          says: numbered,
          sha256,
          ...(of !== undefined && { of }),
        };
        if ((await record('photograph.taken', photographHere)) !== null) break;
      } catch {
        setUnread(file.name);
      }
    }
    setMaking(null);
    setSays('');
    setTried(false);
  };
  const ask = (): void => {
    setTried(true);
    if (says.trim() !== '' && !making) files.current?.click();
  };
  return (
    <CardFrame
      card="photographs"
      title={w.title}
      aside={shown.length > 0 ? w.count(shown.length) : ''}
      back={<BackOfCard says={w.back} />}
      foot={storedCount > 0 ? <FootMark kind="waiting" word={w.notSentCount(storedCount)} /> : null}
      slip={
        larger ? (
          <Slip title={larger.says} onClose={() => setLarger(null)}>
            <Picture
              jobId={jobId}
              id={larger.id}
              says={larger.says}
              size="full"
              blob={stored?.get(larger.id)?.picture}
            />
            <Button label={shared.close} onPress={() => setLarger(null)} />
          </Slip>
        ) : null
      }
      actBar={<Button label={w.take} hint={w.takeHint} kind="expected" tall onPress={ask} />}
    >
      <input
        ref={files}
        type="file"
        accept="image/*"
        multiple
        aria-label={w.take}
        style={{ display: 'none' }}
        onChange={({ target }) => {
          const chosen = [...(target.files ?? [])];
          target.value = '';
          void take(chosen);
        }}
      />
      <View className="gap-3 p-3.5">
        <Field
          label={w.says}
          hint={w.saysHint}
          value={says}
          onChangeText={setSays}
          fault={tried && says.trim() === '' ? w.needSays : undefined}
        />
        {making ? (
          <View aria-live="polite">
            <Mark kind="waiting" word={w.making(making.done, making.of)} />
          </View>
        ) : null}
        {unread === null ? null : <Mark kind="out" word={w.notAPicture(unread)} />}
        {shown.length === 0 ? <Body>{w.none}</Body> : null}
        <View className="flex-row flex-wrap gap-3">
          {/* Not before it is known which of them are on this device only. */}
          {stored
            ? shown.map((photograph) => (
                <Taken
                  key={photograph.id}
                  jobId={jobId}
                  photograph={photograph}
                  kept={stored.get(photograph.id)}
                  onLarger={() => setLarger(photograph)}
                />
              ))
            : null}
        </View>
      </View>
    </CardFrame>
  );
}

interface TakenProps {
  readonly jobId: string;
  readonly photograph: Photograph;
  readonly kept: KeptPhotograph | undefined;
  readonly onLarger: () => void;
}

function Taken({ jobId, photograph: { id, says, at, by }, kept, onLarger }: TakenProps) {
  const { moment } = useShopTime();
  const nameOf = useMemberName();
  return (
    <View className="w-[47%] gap-1" testID="photograph">
      <Pressable role="button" aria-label={w.larger(says)} onPress={onLarger}>
        <Picture jobId={jobId} id={id} says={says} size="small" blob={kept?.small} />
      </Pressable>
      <Body>{says}</Body>
      <Small>{`${moment(at)}, ${nameOf(by)}`}</Small>
      {kept?.problem ? <Mark kind="out" word={w.refused} /> : null}
      {kept?.picture && !kept.problem ? <Mark kind="waiting" word={w.notSent} /> : null}
    </View>
  );
}
