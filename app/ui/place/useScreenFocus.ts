import { usePathname } from 'expo-router';
import { useEffect, useRef } from 'react';
import { isCardAddress } from './cardAddress';
import { SCREEN_HEADING, SCREEN_SCROLL } from './marks';
import { goTo, type Place, type Pressed } from './placeStack';

/** A screen that has not come up by then is left to itself. */
const PATIENCE_MS = 2000;
const AGAIN_MS = 50;

const PRESSABLE = 'a, button, [role="button"], [role="link"]';

/**
 * Says to ears and keys what the eye sees at once: a new screen is there, or the one that was left. The
 * focus goes to the heading of a new screen; back on one that was left it goes to what was pressed there,
 * and the screen stands as it was scrolled. On a card it goes to the heading in any case, for Space
 * confirms there. A field that has taken the focus keeps it.
 */
export function useScreenFocus(): void {
  const path = usePathname();
  const left = useRef<readonly Place[]>([]);
  const here = useRef<Place>({ address: path, scrolled: 0, pressed: null });

  useEffect(() => {
    const onClick = ({ target }: Event): void => {
      const pressed = target instanceof Element ? target.closest(PRESSABLE) : null;
      if (!pressed) return;
      // Said at once: what the focus scrolled to is announced only with the next frame.
      const scrolled = document.getElementById(SCREEN_SCROLL)?.scrollTop ?? 0;
      here.current = { ...here.current, scrolled, pressed: described(pressed) };
    };
    const onScroll = ({ target }: Event): void => {
      if (target instanceof Element && target.id === SCREEN_SCROLL)
        here.current = { ...here.current, scrolled: target.scrollTop };
    };
    document.addEventListener('click', onClick, true);
    document.addEventListener('scroll', onScroll, true);
    return () => {
      document.removeEventListener('click', onClick, true);
      document.removeEventListener('scroll', onScroll, true);
    };
  }, []);

  useEffect(() => {
    if (path === here.current.address) return undefined;
    const { stack, back } = goTo(left.current, here.current, path);
    left.current = stack;
    here.current = { address: path, scrolled: 0, pressed: null };
    return keepTrying(() => arrive(path, back));
  }, [path]);
}

/** Puts the focus and the scrolling where they belong; false while the screen is not there yet. */
function arrive(path: string, back: Place | null): boolean {
  const heading = document.getElementById(SCREEN_HEADING);
  if (!heading) return false;
  const target = back?.pressed && !isCardAddress(path) ? found(back.pressed) : heading;
  const scroll = document.getElementById(SCREEN_SCROLL);
  // By hand it is not reached: nothing can be done to it.
  heading.tabIndex = -1;
  if (!target || (back && scroll && !hasScrolled(scroll, back.scrolled))) return false;
  if (!document.activeElement?.matches('input, textarea')) target.focus({ preventScroll: true });
  if (target !== heading) target.scrollIntoView({ block: 'nearest' });
  return true;
}

function hasScrolled(scroll: HTMLElement, to: number): boolean {
  scroll.scrollTop = to;
  return Math.abs(scroll.scrollTop - to) < 1;
}

/** Tries until it is done, the user does something, or it has taken too long; returns how to give up. */
function keepTrying(attempt: () => boolean): () => void {
  const began = Date.now();
  const stop = (): void => {
    clearInterval(timer);
    window.removeEventListener('keydown', stop, true);
    window.removeEventListener('pointerdown', stop, true);
  };
  const timer = setInterval(() => {
    if (attempt() || Date.now() - began > PATIENCE_MS) stop();
  }, AGAIN_MS);
  window.addEventListener('keydown', stop, true);
  window.addEventListener('pointerdown', stop, true);
  return stop;
}

function nameOf(pressed: Element): string {
  return pressed.getAttribute('aria-label') ?? pressed.textContent;
}

function described(pressed: Element): Pressed {
  const href = pressed.getAttribute('href');
  return href === null ? { name: nameOf(pressed) } : { href };
}

function found(pressed: Pressed): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(PRESSABLE)].find((element) =>
    'href' in pressed
      ? element.getAttribute('href') === pressed.href
      : nameOf(element) === pressed.name,
  );
}
