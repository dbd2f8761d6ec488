import { View } from 'react-native';
import { shared } from '@cardinex/words/en/screens';
import { Button } from '../../ui/Button';

export interface ActBarProps {
  /** What undoing takes back, in a word; absent when there is nothing to undo here. */
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
  };
}

/** The foot of a card, within a thumb's reach: undo, "not so", and one large button for the expected answer. */
export function ActBar({ undo, notSo, confirm }: ActBarProps) {
  return (
    <View className="flex-row gap-3">
      <Button
        label={shared.undo}
        hint={undo?.what}
        kind="bench"
        tall
        disabled={undo === null}
        onPress={() => undo?.onPress()}
        className="flex-1"
      />
      {notSo ? (
        <Button label={notSo.label} kind="bench" tall onPress={notSo.onPress} className="flex-1" />
      ) : null}
      <Button
        label={confirm.label}
        hint={confirm.hint}
        kind={confirm.plain ? 'bench' : 'expected'}
        tall
        testID="confirm"
        onPress={confirm.onPress}
        className={notSo ? 'flex-[2]' : 'flex-[3]'}
      />
    </View>
  );
}
