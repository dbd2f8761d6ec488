import { shared } from '@cardinex/words/en/screens';
import { storageWords } from '@cardinex/words/en/storage';
import { Notice } from '../ui/Notice';

/** The browser keeps nothing on this device: said, with what to do, instead of waited for. */
export function NoStorage() {
  return (
    <Notice
      text={storageWords.cannotRead}
      action={shared.tryAgain}
      onAction={() => window.location.reload()}
    />
  );
}
