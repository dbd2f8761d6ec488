import { useLayoutEffect, useRef, type PropsWithChildren, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { RefusalLine, useRefusal } from './Refusal';
import { Heading } from './Words';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  /** What it was laid there for: stays in reach however long the slip is. */
  readonly foot?: ReactNode;
}

/**
 * A slip of card laid over the lower part of the screen, for an answer that needs more than a tap. The
 * browser's own modal: what lies behind takes neither touch nor key, the focus stays inside and goes
 * back to where it was. What is refused at its foot is said there.
 */
export function Slip({ title, onClose, foot, children }: PropsWithChildren<Props>) {
  const dialog = useRef<HTMLDialogElement>(null);
  const close = useRef(onClose);
  const { lay } = useRefusal();
  useLayoutEffect(lay, [lay]);
  useLayoutEffect(() => {
    close.current = onClose;
  });
  useLayoutEffect(() => {
    const shown = dialog.current;
    // Escape, which the browser may take for itself the second time.
    const ask = (event: Event): void => {
      event.preventDefault();
      close.current();
    };
    const closed = (): void => close.current();
    shown?.addEventListener('cancel', ask);
    shown?.addEventListener('close', closed);
    shown?.showModal();
    // The slip itself, not its first button or field, which an Enter or a thumb board would meet.
    shown?.focus();
    return () => {
      shown?.removeEventListener('cancel', ask);
      shown?.removeEventListener('close', closed);
      shown?.close();
    };
  }, []);
  return (
    <dialog ref={dialog} aria-label={title} tabIndex={-1} className="slip">
      <View className="mx-auto max-h-[92%] w-full max-w-[560px] rounded-t-xl border-t-4 border-blue bg-card">
        <ScrollView contentContainerClassName={`gap-3 p-4 ${foot ? '' : 'pb-6'}`}>
          <Heading className="text-large">{title}</Heading>
          {children}
        </ScrollView>
        <View className={foot ? 'gap-2 border-t border-rule p-4' : 'px-4'}>
          <RefusalLine onSlip />
          {foot}
        </View>
      </View>
    </dialog>
  );
}
