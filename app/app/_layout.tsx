import '../global.css';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';
import { BarlowSemiCondensed_600SemiBold } from '@expo-google-fonts/barlow-semi-condensed/600SemiBold';
import { BarlowSemiCondensed_700Bold } from '@expo-google-fonts/barlow-semi-condensed/700Bold';
import { useFonts } from 'expo-font';
import { Slot, type ErrorBoundaryProps } from 'expo-router';
import { shared } from '@cardinex/words/screens';
import { AppUpdate } from '../features/device/AppUpdate';
import { fetchScreens } from '../features/lazy/LazyScreens';
import { persistOptions, queryClient } from '../session/queryClient';
import { SessionProvider } from '../session/SessionProvider';
import { KeyHelp } from '../ui/hand/KeyHelp';
import { Notice } from '../ui/Notice';
import { useScreenFocus } from '../ui/place/useScreenFocus';
import { RefusalProvider } from '../ui/Refusal';
import { useThemeOnPage } from '../ui/useTheme';

// Whoever comes by an address of a job, a sheet or the bench waits for neither session nor faces first.
if (!/^\/(sign-in)?$/.test(window.location.pathname)) fetchScreens();

export default function RootLayout() {
  useThemeOnPage();
  useScreenFocus();
  const [fontsLoaded] = useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_700Bold,
    BarlowSemiCondensed_600SemiBold,
    BarlowSemiCondensed_700Bold,
  });
  if (!fontsLoaded) return null;
  return (
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={persistOptions}
      // What was kept is shown at once, and asked for again: it was written some time ago.
      onSuccess={() => queryClient.invalidateQueries()}
    >
      <RefusalProvider>
        <SessionProvider>
          <Slot />
          <AppUpdate />
          <KeyHelp />
        </SessionProvider>
      </RefusalProvider>
    </PersistQueryClientProvider>
  );
}

/** Shown when a screen falls over; acts are on the disk, so starting again loses nothing. */
export function ErrorBoundary({ retry }: ErrorBoundaryProps) {
  return <Notice text={shared.wentWrong} action={shared.tryAgain} onAction={() => void retry()} />;
}
