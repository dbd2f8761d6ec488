import { DEFAULT_UNITS, readPreferences, UNITS } from './readPreferences';

const NEW_DEVICE = readPreferences({});

describe('preferences as they were kept', () => {
  it('are those of a new device where nothing, or nothing of ours, was kept', () => {
    for (const stored of [null, undefined, 7, 'day', [], { theme: 'noon', speech: 1, member: 4 }]) {
      expect(readPreferences(stored)).toEqual(NEW_DEVICE);
    }
  });

  it('come back as they were written', () => {
    const chosen = {
      ...NEW_DEVICE,
      theme: 'glare',
      speech: true,
      units: { wren: { length: 'thou', torque: 'lbf·ft', pressure: 'psi' } },
      member: 'wren',
      shop: 'shop',
      end: 'far',
      instruments: { ...NEW_DEVICE.instruments, wrench: 'ws://127.0.0.1:4800' },
    } as const;
    expect(readPreferences(JSON.parse(JSON.stringify(chosen)))).toEqual(chosen);
  });

  it('lose a field that is none without losing the rest', () => {
    const { units, theme, instruments } = readPreferences({
      theme: 'lamp',
      units: { wren: { length: 'furlong', torque: 'kgf·m' }, tobin: 'inches' },
      instruments: { wrench: 'x'.repeat(201), pump: 3 },
    });
    expect(theme).toBe('lamp');
    expect(units).toEqual({ wren: { ...DEFAULT_UNITS, torque: 'kgf·m' }, tobin: DEFAULT_UNITS });
    expect(instruments).toEqual(NEW_DEVICE.instruments);
  });

  it('know every unit a reader may choose', () => {
    for (const length of UNITS.length)
      for (const torque of UNITS.torque)
        for (const pressure of UNITS.pressure) {
          const units = { wren: { length, torque, pressure } };
          expect(readPreferences({ units }).units).toEqual(units);
        }
  });
});
