import { Text, View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Ask, type Asked } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { RefusalLine } from '../../ui/Refusal';
import { BarRow } from '../../ui/BarRow';

/** What can be done on a card in hand: its act bar, and its keys, which never do anything else. */
export interface CardActs {
  /** What undoing takes back; null when there is nothing to undo here. */
  readonly undo: { readonly what: string; readonly onPress: () => void } | null;
  /** Not as expected. */
  readonly notSo?: { readonly label: string; readonly onPress: () => void };
  /** The expected answer. */
  readonly confirm: {
    readonly label: string;
    readonly hint?: string | undefined;
    readonly onPress: () => void;
    /** Not the answer one hopes for: drawn like the others. */
    readonly plain?: boolean;
    /** Said of many at once: pressed by a thumb that has seen them, never by a pedal or a key meant for one. */
    readonly byThumb?: true;
  };
  /** Several answers of which none is more to be expected than another: in place of the large button. */
  readonly choices?: {
    readonly label: string;
    readonly of: readonly { readonly label: string; readonly onPress: () => void }[];
  };
  /** What was just pressed is asked about before it counts. */
  readonly asked?: Asked | null;
  /** Walks back over what was done; absent where nothing can be looked back at. */
  readonly lookBack?: (() => void) | undefined;
  /** Says the act again. */
  readonly sayAgain?: (() => void) | undefined;
  /** Something stands in a field: Backspace is its own. */
  readonly typing?: boolean;
}

/**
 * The foot of a card, within a thumb's reach: undo, "not so", and one large button for the expected
 * answer. What a press was refused for, or asked about, stands right above it.
 */
export function ActBar({ undo, notSo, confirm, choices, asked }: CardActs) {
  return (
    <View className="gap-2">
      {asked ? <Ask asked={asked} /> : <RefusalLine />}
      {choices ? (
        <Text className="font-strong text-body text-on-bench">{choices.label}</Text>
      ) : null}
      <BarRow>
        <Button
          label={shared.undo}
          hint={undo?.what}
          kind="bench"
          tall
          disabled={undo === null}
          onPress={() => undo?.onPress()}
          className={choices ? 'min-w-[30%] flex-1' : 'flex-1'}
        />
        {notSo ? (
          <Button
            label={notSo.label}
            kind="bench"
            tall
            onPress={notSo.onPress}
            className="flex-1"
          />
        ) : null}
        {choices?.of.map(({ label, onPress }) => (
          <Button
            key={label}
            label={label}
            kind="bench"
            tall
            onPress={onPress}
            className="min-w-[30%] flex-1"
          />
        ))}
        {choices ? null : (
          <Button
            label={confirm.label}
            hint={confirm.hint}
            kind={confirm.plain ? 'bench' : 'expected'}
            tall
            testID="confirm"
            onPress={confirm.onPress}
            className={notSo ? 'min-w-[8rem] flex-[2]' : 'min-w-[8rem] flex-[3]'}
          />
        )}
      </BarRow>
    </View>
  );
}

/** The bar of a card that is not itself in sight: all it does is to lead back to it. */
export function LeadBack({ label, onPress }: { label: string; onPress: () => void }) {
  return (
    <BarRow>
      <Button
        label={label}
        kind="past"
        tall
        onPress={onPress}
        className="flex-1"
        testID="lead-back"
      />
    </BarRow>
  );
}
