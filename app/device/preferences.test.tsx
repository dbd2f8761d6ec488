import { setPreferences, usePreferences } from './preferences';
import { act, renderHook } from '@testing-library/react';

/** As another tab of the same browser writes them down. */
function written(elsewhere: object): void {
  localStorage.setItem('cardinex.preferences', JSON.stringify(elsewhere));
  act(
    () => void window.dispatchEvent(new StorageEvent('storage', { key: 'cardinex.preferences' })),
  );
}

describe('two tabs of one browser', () => {
  it('share the light, and neither who is at the bench nor which end is held', () => {
    setPreferences({ member: 'tobin', end: 'near', theme: 'day' });
    const { result } = renderHook(usePreferences);
    written({ member: 'wren', end: 'far', theme: 'lamp' });
    expect(result.current).toMatchObject({ member: 'tobin', end: 'near', theme: 'lamp' });
  });

  it('take no notice of what else is stored', () => {
    setPreferences({ theme: 'glare' });
    const { result } = renderHook(usePreferences);
    act(() => void window.dispatchEvent(new StorageEvent('storage', { key: 'another' })));
    expect(result.current.theme).toBe('glare');
  });
});
