import fc from 'fast-check';
import { settingFor, wrenchChoose, type CalibratedWrench } from './wrenchChoose';

const ON = '2026-06-15';
const plain: CalibratedWrench = {
  id: 'w',
  lowNm: 20,
  highNm: 100,
  calibratedOn: '2026-01-10',
  dueOn: '2027-01-09',
  points: [],
};
const reads2High: CalibratedWrench = {
  ...plain,
  points: [
    { setNm: 40, trueNm: 41 },
    { setNm: 80, trueNm: 82 },
  ],
};

describe('the setting of one wrench', () => {
  it('is the target for a wrench that was never found off', () => {
    expect(settingFor(plain, 85, ON)).toMatchObject({
      settingNm: 85,
      errorNm: 0,
      beyondPoints: false,
    });
  });

  it('lies between the points it was checked at', () => {
    // 61.5 is half-way from 41 to 82, so half-way from 40 to 80.
    const { settingNm, errorNm } = settingFor(reads2High, 61.5, ON);
    expect(settingNm).toBeCloseTo(60, 12);
    expect(errorNm).toBeCloseTo(0, 12);
  });

  it('keeps the ratio of the nearer end beyond them, and says so', () => {
    const above = settingFor(reads2High, 92.25, ON);
    expect(above.settingNm).toBeCloseTo(90, 12);
    expect(above.beyondPoints).toBe(true);
    expect(settingFor(reads2High, 82, ON).beyondPoints).toBe(false);
    expect(settingFor(reads2High, 20.5, ON).settingNm).toBeCloseTo(20, 12);
  });

  it('is rounded to its steps from 0, a half down, and the error left is told', () => {
    const steps = { ...plain, stepNm: 5 };
    expect(settingFor(steps, 87.5, ON)).toMatchObject({ settingNm: 85, errorNm: -2.5 });
    expect(settingFor(steps, 87.6, ON).settingNm).toBe(90);
    expect(settingFor({ ...plain, stepNm: 0.1 }, 0.25 + 30, ON).settingNm).toBeCloseTo(30.2, 9);
  });

  it('is tested against the range after rounding', () => {
    expect(settingFor({ ...plain, stepNm: 5 }, 102, ON)).toMatchObject({
      settingNm: 100,
      inRange: true,
    });
    expect(settingFor(plain, 100.1, ON).inRange).toBe(false);
    expect(settingFor(plain, 100, ON).inRange).toBe(true);
  });

  it('gives the target back through its own calibration', () => {
    const point = fc.tuple(
      fc.double({ min: 1, max: 20, noNaN: true }),
      fc.double({ min: 0.8, max: 1.25, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.array(point, { maxLength: 6 }),
        fc.double({ min: 5, max: 150, noNaN: true }),
        (steps, target) => {
          let setNm = 10;
          let trueNm = 10;
          const points = steps.map(([by, ratio]) => {
            setNm += by;
            trueNm += by * ratio;
            return { setNm, trueNm };
          });
          expect(Math.abs(settingFor({ ...plain, points }, target, ON).errorNm)).toBeLessThan(1e-9);
        },
      ),
    );
  });
});

describe('choosing a wrench', () => {
  const wrench = (id: string, more: Partial<CalibratedWrench> = {}) => ({ ...plain, id, ...more });
  const order = (...wrenches: CalibratedWrench[]) =>
    wrenchChoose({ targetNm: 60, on: ON, wrenches }).wrenches.map((w) => w.id);

  it('takes one in date before one in range, and that before the middle of the range', () => {
    const lapsed = wrench('lapsed', { dueOn: '2026-06-14' });
    const small = wrench('small', { lowNm: 5, highNm: 50 });
    const end = wrench('end', { lowNm: 50, highNm: 400 });
    const middle = wrench('middle');
    expect(order(lapsed, small, end, middle)).toEqual(['middle', 'end', 'small', 'lapsed']);
  });

  it('counts the first and the last day as in date', () => {
    expect(settingFor(wrench('w', { dueOn: ON }), 60, ON).inDate).toBe(true);
    expect(settingFor(wrench('w', { calibratedOn: ON }), 60, ON).inDate).toBe(true);
    expect(settingFor(wrench('w', { calibratedOn: '2026-06-16' }), 60, ON).dates).toBe(
      'out-of-date',
    );
  });

  it('never takes a missing date for in date', () => {
    const { calibratedOn: _c, dueOn: _d, ...undated } = plain;
    expect(settingFor(undated, 60, ON).dates).toBe('unknown');
    expect(wrenchChoose({ targetNm: 60, on: ON, wrenches: [undated] }).choice).toBeNull();
  });

  it('chooses nothing when the best is out of range', () => {
    expect(wrenchChoose({ targetNm: 300, on: ON, wrenches: [plain] }).choice).toBeNull();
    expect(wrenchChoose({ targetNm: 60, on: ON, wrenches: [plain] }).choice?.id).toBe('w');
  });

  it('breaks a tie by id', () => {
    expect(order(wrench('b'), wrench('a'))).toEqual(['a', 'b']);
  });

  it.each([
    [
      {
        points: [
          { setNm: 40, trueNm: 41 },
          { setNm: 40, trueNm: 42 },
        ],
      },
      'wrenches[0].points[1].setNm',
    ],
    [
      {
        points: [
          { setNm: 40, trueNm: 41 },
          { setNm: 50, trueNm: 41 },
        ],
      },
      'wrenches[0].points[1].trueNm',
    ],
    [{ highNm: 20 }, 'wrenches[0].highNm'],
    [{ stepNm: 0 }, 'wrenches[0].stepNm'],
    [{ dueOn: 'soon' }, 'wrenches[0].dueOn'],
    [{ dueOn: '2025-01-01' }, 'wrenches[0].dueOn'],
  ])('refuses %j at its field', (more, field) => {
    const wrenches = [wrench('w', more)];
    expect(() => wrenchChoose({ targetNm: 60, on: ON, wrenches })).toThrow(field);
  });
});

it.each(['2026-02-31', '2026-02-29', '2026-04-31', '2026-13-01'])('%s is not a day', (day) => {
  const wrench = { id: 'w', lowNm: 20, highNm: 100, points: [] };
  const choose =
    (more: object, on = ON) =>
    () =>
      wrenchChoose({ targetNm: 60, on, wrenches: [{ ...wrench, ...more }] });
  expect(choose({}, day)).toThrow('on: not-a-date');
  expect(choose({ dueOn: day })).toThrow('wrenches[0].dueOn: not-a-date');
  expect(choose({ dueOn: '2028-02-29' })).not.toThrow();
});
