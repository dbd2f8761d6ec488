import { contactLines } from '@cardinex/core/sheet/assembly/pieceLines';
import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import {
  boreIds,
  boresToSeal,
  sealStanding,
  standingIn,
  type SealStanding,
} from '@cardinex/core/job/cards/liners/view';
import { heightsOf, type LinerSeals } from '@cardinex/core/sheet/spec/block';
import { sealWords as w } from '@cardinex/words/cards/buildSteps';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { SeenRow } from '../job/SeenRow';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { LINERS_ACTS } from './ownActs';

/** Seals counted out and in, bore by bore: an old one left in its groove lifts the liner. */
export function SealLiners() {
  const { sheet } = useJob();
  const seals = heightsOf(sheet.liners)?.seals;
  return seals ? <Count seals={seals} /> : null;
}

function Count({ seals }: { seals: LinerSeals }) {
  const { jobId, sheet, state, record } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const { each } = seals;
  const [counted, setCounted] = useState({ out: each, in: each });
  const [next] = boresToSeal(sheet, state.liners);
  const bore = chosen ?? next ?? null;
  const { undo, frame } = useCard({
    card: 'liners',
    acts: LINERS_ACTS,
    isHere: ({ type }) => type === 'liner.sealed',
    says: [w.says(each), w.readAgain],
    done: bore === null,
  });
  const choose = (to: string | null): void => {
    setChosen(to);
    setCounted({ out: each, in: each });
  };
  const save = useOnce(async () => {
    if (bore === null) return;
    const problem = await record('liner.sealed', { bore, ...counted });
    if (problem === null) choose(null);
  });
  const back = (): void => router.push(`/jobs/${jobId}/liners`);
  const lubricants = contactLines(sheet).filter(({ piece }) => piece.kind === 'liner');
  const standing = (name: string) => sealStanding(each, state.liners.seals[name]);
  return (
    <CardFrame
      {...frame}
      title={w.title}
      acts={
        bore
          ? {
              undo,
              notSo: { label: w.back, onPress: back },
              confirm: {
                label: w.counted,
                hint: w.keep(counted.out, counted.in),
                onPress: save,
              },
            }
          : null
      }
      actBar={<Button label={w.back} kind="expected" tall onPress={back} />}
    >
      {bore ? (
        <View className="gap-3 px-3.5 py-3">
          <Text className="font-head text-figure text-ink" testID="act">
            {w.liner(bore, standingIn(state.liners, bore).liner)}
          </Text>
          <Counter
            label={w.out}
            value={counted.out}
            onChange={(out) => setCounted({ ...counted, out })}
          />
          <Counter
            label={w.in}
            value={counted.in}
            onChange={(into) => setCounted({ ...counted, in: into })}
          />
          <Body>{w.says(each)}</Body>
          <Body className="font-strong">{w.lubricant(seals.says, seals.source)}</Body>
          {lubricants.map(({ what, lubricant, source }) => (
            <Body key={what}>{w.lubricant(`${what}: ${lubricant ?? w.dry}`, source)}</Body>
          ))}
        </View>
      ) : (
        <View className="px-3.5 py-3">
          <Body>{w.readAgain}</Body>
        </View>
      )}
      {boreIds(sheet).map((id) => (
        <SeenRow
          key={id}
          name={w.liner(id, standingIn(state.liners, id).liner)}
          words={w.standing[standing(id)]}
          found={FOUND[standing(id)]}
          here={id === bore}
          onPress={() => choose(id)}
        />
      ))}
      {next === undefined ? (
        <View className="border-t border-rule px-3.5 py-2.5">
          <Mark kind="within" word={w.standing.right} />
          <Small>{w.readAgain}</Small>
        </View>
      ) : null}
    </CardFrame>
  );
}

/** As a list shows it: counted right, counted wrong, or not yet. */
const FOUND: Readonly<Record<SealStanding, 'good' | 'not-good' | undefined>> = {
  'to-count': undefined,
  right: 'good',
  'one-left-in': 'not-good',
  'too-many': 'not-good',
  'too-few': 'not-good',
};

interface CounterProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** A small number, by one fewer and one more. */
function Counter({ label, value, onChange }: CounterProps) {
  return (
    <View role="group" aria-label={label} className="flex-row items-center gap-3">
      <Body className="flex-1 font-strong">{label}</Body>
      <Button
        label="−"
        name={`${label}: ${w.one}`}
        large
        disabled={value === 0}
        onPress={() => onChange(value - 1)}
        className="w-16"
      />
      <Text className="w-10 text-center font-head text-count text-ink">{value}</Text>
      <Button
        label="+"
        name={`${label}: ${w.more}`}
        large
        onPress={() => onChange(value + 1)}
        className="w-16"
      />
    </View>
  );
}
