import type { PropsWithChildren } from 'react';
import { View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Button } from './Button';
import { RefusalLine } from './Refusal';
import { BarRow } from './BarRow';

interface Props {
  readonly onBack: () => void;
  /** A card says what it refused itself. */
  readonly onCard?: boolean;
  readonly confirm?: {
    readonly label: string;
    readonly hint?: string;
    readonly disabled?: boolean;
    readonly onPress: () => void;
  };
}

/** The foot of a page that is no card: the way back, what else can be done, and what the page is for; what it refused stands above it. */
export function PageBar({ onBack, onCard = false, confirm, children }: PropsWithChildren<Props>) {
  return (
    <View className="gap-2">
      {onCard ? null : <RefusalLine />}
      <BarRow>
        <Button label={shared.back} kind="bench" tall onPress={onBack} className="flex-1" />
        {children}
        {confirm ? (
          <Button {...confirm} kind="expected" tall className="min-w-[8rem] flex-[2]" />
        ) : null}
      </BarRow>
    </View>
  );
}
