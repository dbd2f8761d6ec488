import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import Lightbulb from 'lucide-react-native/icons/lightbulb';
import Volume2 from 'lucide-react-native/icons/volume-2';
import VolumeX from 'lucide-react-native/icons/volume-x';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { chosenOptions } from '@cardinex/core/sheet/variants';
import { shared } from '@cardinex/words/screens';
import { setPreferences, usePreferences } from '../../device/preferences';
import type { ThemeName } from '../../ui/palette';
import { ScreenHeading } from '../../ui/place/ScreenHeading';
import { usePalette } from '../../ui/useTheme';
import { Heading, Small } from '../../ui/Words';
import { useJob } from './JobProvider';

const NEXT_THEME: Readonly<Record<ThemeName, ThemeName>> = {
  day: 'lamp',
  lamp: 'glare',
  glare: 'day',
};

const LOOKS = { numberOfLines: 2, className: 'text-label text-on-bench' };

/** Whose engine this is, and the two things one changes without putting the spanner down. */
export function JobHeader({ card }: { card: string | null }) {
  const { jobId, sheet, state } = useJob();
  const { theme, speech } = usePreferences();
  const c = usePalette();
  const name = state.opened?.name ?? '';
  const goBack = (): void => router.replace(card === null ? '/' : `/jobs/${jobId}`);
  return (
    <View className="no-print flex-row items-center gap-2 px-2 py-1.5">
      <IconButton label={shared.back} onPress={goBack} bare>
        <ChevronLeft color={c.onBench} size={26} />
      </IconButton>
      <View className="min-w-0 flex-1">
        {card === null ? (
          <ScreenHeading title={name} {...LOOKS} />
        ) : (
          <Heading level={1} {...LOOKS}>
            {name}
          </Heading>
        )}
        <Small numberOfLines={1} className="text-bench-soft">
          {[
            sheet.name,
            ...chosenOptions(sheet, state.variant).map(({ option }) => option.name),
            state.opened?.serial ?? '',
          ].join(' · ')}
        </Small>
      </View>
      <IconButton
        label={speech ? shared.speechOff : shared.speechOn}
        onPress={() => setPreferences({ speech: !speech })}
        pressed={speech}
      >
        {speech ? <Volume2 color={c.onBench} size={24} /> : <VolumeX color={c.onBench} size={24} />}
      </IconButton>
      <IconButton label={shared.theme} onPress={() => setPreferences({ theme: NEXT_THEME[theme] })}>
        <Lightbulb color={c.onBench} size={24} />
      </IconButton>
    </View>
  );
}

interface IconButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly bare?: boolean;
  readonly pressed?: boolean;
}

function IconButton({ label, onPress, children, bare = false, pressed }: IconButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-pressed={pressed}
      onPress={onPress}
      className={`h-[56px] w-[56px] items-center justify-center rounded-lg active:opacity-70 ${bare ? '' : 'border border-bench-edge'}`}
    >
      {children}
    </Pressable>
  );
}
