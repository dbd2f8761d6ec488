import { act, renderHook } from '@testing-library/react';
import { setPreferences } from '../preferences';
import * as opened from './openInstrument';
import { useInstrument } from './useInstrument';

it('what an instrument sends while a slip lies over the card is not taken behind it', () => {
  const open = jest
    .spyOn(opened, 'openInstrument')
    .mockReturnValue({ aim: () => undefined, close: () => undefined });
  setPreferences({ instruments: { wrench: 'bench/wrench', pump: '', encoder: '', scanner: '' } });
  const heard: opened.Values[] = [];
  renderHook(() => useInstrument('wrench', null, (values) => heard.push(values)));
  const pull = (nm: number): void => act(() => open.mock.calls[0]?.[1].onReading({ nm }));
  const slip = document.createElement('dialog');
  slip.setAttribute('open', '');
  document.body.append(slip);
  pull(80);
  expect(heard).toEqual([]);
  slip.remove();
  pull(85);
  expect(heard).toEqual([{ nm: 85 }]);
});
