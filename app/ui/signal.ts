import { afterPaint } from '../device/afterPaint';

/** A short buzz and tone: one for an act confirmed, another for one refused. */
const SIGNALS = {
  confirmed: { hertz: 880, seconds: 0.07, buzz: [35] },
  refused: { hertz: 200, seconds: 0.28, buzz: [90, 60, 90] },
};

let audio: AudioContext | null = null;

export function signal(kind: keyof typeof SIGNALS): void {
  const { buzz, ...tone } = SIGNALS[kind];
  if ('vibrate' in navigator) navigator.vibrate(buzz);
  // Once the next act is painted: to make a tone takes a slow phone as long as to paint.
  afterPaint(() => sound(tone));
}

function sound({ hertz, seconds }: { readonly hertz: number; readonly seconds: number }): void {
  try {
    audio ??= new AudioContext();
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(0.2, audio.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
    tone.connect(loudness).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + seconds);
  } catch {
    // A browser without sound still buzzes and shows.
  }
}

/** Speaks an act; whatever was being said is cut short, because the newest act is the one that counts. */
export function speak(text: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = 'en';
  window.speechSynthesis.speak(utterance);
}
