import { shared } from '@cardinex/words/screens';
import { storageWords } from '@cardinex/words/storage';
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
