import type { PropsWithChildren, ReactNode } from 'react';
import { useEffect, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { ScrollView, View } from 'react-native';
import { Heading } from './Words';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  /** What it was laid there for: stays in reach however long the slip is. */
  readonly foot?: ReactNode;
}

/** A slip of card laid over the lower part of the screen, for an answer that needs more than a tap. */
export function Slip({ title, onClose, foot, children }: PropsWithChildren<Props>) {
  const place = useRef<View>(null);
  // Over the whole screen, also where it is asked for in the middle of a card.
  const [screen] = useState(() => document.querySelector('main, [role="main"]'));
  useEffect(() => {
    const before = document.activeElement;
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') onClose();
    };
    (place.current as unknown as HTMLElement | null)?.focus();
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
      if (before instanceof HTMLElement) before.focus();
    };
  }, [onClose]);
  const slip = (
    <View className="absolute inset-0 z-10 justify-end bg-bench/70">
      <View
        ref={place}
        role="dialog"
        aria-modal
        aria-label={title}
        tabIndex={-1}
        className="mx-auto max-h-[92%] w-full max-w-[560px] rounded-t-xl border-t-4 border-blue bg-card"
      >
        <ScrollView contentContainerClassName={`gap-3 p-4 ${foot ? '' : 'pb-6'}`}>
          <Heading className="text-[24px] leading-7">{title}</Heading>
          {children}
        </ScrollView>
        {foot ? <View className="border-t border-rule p-4">{foot}</View> : null}
      </View>
    </View>
  );
  return screen ? createPortal(slip, screen) : slip;
}
