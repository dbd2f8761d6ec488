import { Pressable, Text } from 'react-native';

interface Props {
  readonly label: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}

/** A line that opens what it is about below itself, and closes it again. */
export function OpensBelow({ label, open, onOpen }: Props) {
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={() => onOpen(!open)}
      className="min-h-[56px] justify-center"
    >
      <Text className="font-strong text-note text-ink underline">{label}</Text>
    </Pressable>
  );
}
