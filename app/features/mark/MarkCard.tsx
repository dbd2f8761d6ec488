import type { MarkKind } from '@cardinex/core/job/facts/marks';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { actsOf } from '@cardinex/core/job/actsOf';
import { markViews, strayMarks, type MarkView } from '@cardinex/core/job/cards/mark/view';
import {
  markKindName,
  markName,
  markNotOn,
  markPlace,
  markUp,
  markWords as w,
} from '@cardinex/words/cards/mark';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { cn } from '../../ui/cn';
import { Body, Heading, Small } from '../../ui/Words';
import { FootMark } from '../job/FootMark';
import { PhotographIt } from '../photographs/PhotographIt';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { useOnce } from '../job/useOnce';

const OWN_ACTS = actsOf('marks');

/** Parts marked before they leave their places, one at a time, each with its end and its way up. */
export function MarkCard({ part }: { part: string | undefined }) {
  const { sheet, state, record } = useJob();
  const [chosen, setChosen] = useState<string | null>(part ?? null);
  const { blockedScreen } = useEntry({ card: 'mark' });
  const views = markViews(sheet, state.marks);
  // What says something wrong is put right before anything else is marked.
  const left = [...views.filter((view) => view.translated), ...views.filter((view) => !view.made)];
  const at = views.find(({ mark }) => mark.id === chosen) ?? left[0] ?? null;
  const done = left.length === 0;
  const { undo, frame } = useCard({ card: 'mark', acts: OWN_ACTS, says: w.back, done });
  const confirm = useOnce(async () => {
    if (!at) return;
    const { id, kind, code, place } = at.mark;
    if ((await record('mark.made', { mark: id, kind, code, place })) === null) setChosen(null);
  });
  if (blockedScreen) return blockedScreen;
  const kinds = [...new Set(views.map(({ mark }) => mark.kind))];
  const next = left.find((view) => view !== at);
  return (
    <CardFrame
      {...frame}
      title={w.title}
      aside={w.counts(views.length - left.length, views.length)}
      foot={done ? <FootMark kind="within" word={w.allDone} /> : null}
      acts={
        at && {
          undo,
          confirm: {
            label: at.translated ? w.again : w.made,
            hint: next ? `${w.next}: ${next.mark.code}` : undefined,
            onPress: confirm,
          },
        }
      }
    >
      <View className="flex-row items-center justify-between px-3.5 pt-2">
        <EndMark end={sheet.cylinder1End} />
      </View>
      {strayMarks(sheet, state.marks).map(({ code }) => (
        <View key={code} className="flex-row gap-2 border-b border-rule bg-tab px-3.5 py-2">
          <Mark kind="out" />
          <Body className="flex-1">{w.stray(code)}</Body>
        </View>
      ))}
      {at ? <InHand view={at} /> : null}
      {kinds.map((kind) => (
        <Kind
          key={kind}
          kind={kind}
          views={views.filter(({ mark }) => mark.kind === kind)}
          at={at?.mark.id ?? null}
          onChoose={setChosen}
        />
      ))}
      <Labels />
      <LeaveOut card="mark" />
    </CardFrame>
  );
}

/** The part in hand: what to write, where it sat, which way up, where no stamp may go. */
function InHand({ view: { mark, made, translated } }: { view: MarkView }) {
  return (
    <View className="gap-1.5 px-3.5 pb-3 pt-1" aria-live="polite">
      <Small>{w.writes}</Small>
      <Text className="font-head text-figure text-ink" testID="code">
        {mark.code}
      </Text>
      <Heading level={3}>{markName(mark)}</Heading>
      <Body>{[markPlace(mark.place), markUp(mark.kind)].filter(Boolean).join('. ')}</Body>
      <Small>{markNotOn(mark.kind)}</Small>
      <PhotographIt of={`mark/${mark.id}`} />
      {translated && made ? (
        <View className="flex-row gap-2 pt-1">
          <Mark kind="out" />
          <Body className="flex-1">{w.saidBefore(made.code, mark.code)}</Body>
        </View>
      ) : null}
    </View>
  );
}

interface KindProps {
  readonly kind: MarkKind;
  readonly views: readonly MarkView[];
  readonly at: string | null;
  readonly onChoose: (mark: string) => void;
}

function Kind({ kind, views, at, onChoose }: KindProps) {
  return (
    <View className="gap-2 border-t border-rule px-3.5 py-2.5">
      <Small>{markKindName(kind)}</Small>
      <View className="flex-row flex-wrap gap-2">
        {views.map(({ mark, made, translated }) => {
          const standing = translated ? 'out' : made ? 'within' : 'ahead';
          return (
            <Pressable
              key={mark.id}
              role="button"
              aria-pressed={mark.id === at}
              aria-label={`${mark.code}, ${translated ? w.again : made ? w.made : markName(mark)}`}
              onPress={() => onChoose(mark.id)}
              className={cn(
                'min-h-[56px] min-w-[84px] flex-row items-center justify-center gap-1.5 rounded-lg border px-2',
                mark.id === at ? 'border-[3px] border-blue' : 'border-soft',
              )}
            >
              <Mark kind={standing} size={15} />
              <Text className="shrink font-head text-body text-ink">{mark.code}</Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

/** Tags with codes, made by the server: a sheet to cut apart, or a roll. */
function Labels() {
  const { jobId, away } = useJob();
  if (away === 'no-answer') {
    return (
      <View className="border-t border-rule p-3.5">
        <Small>{w.labelsAway}</Small>
      </View>
    );
  }
  const open = (size: string): void => {
    window.open(`/api/jobs/${jobId}/labels.pdf?size=${size}`, '_blank', 'noopener');
  };
  return (
    <View className="gap-2 border-t border-rule p-3.5">
      <Small>{w.labels}</Small>
      <View className="flex-row gap-3">
        <Button label={w.labelsSheet} onPress={() => open('sheet')} className="flex-1" />
        <Button label={w.labelsRoll} onPress={() => open('roll')} className="flex-1" />
      </View>
    </View>
  );
}
