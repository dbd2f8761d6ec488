import { linerCheck, type LinerCheckInput } from '@cardinex/core/block/linerCheck';
import { feelerStack } from '@cardinex/core/overhead/feelerStack';
import { lashVerdict } from '@cardinex/core/overhead/lashVerdict';
import { screwTurn } from '@cardinex/core/overhead/screwTurn';
import { wrenchChoose } from '@cardinex/core/tightening/wrenchChoose';
import { boreSentence, differenceSentence, linersSentence, riseSentence } from './cards/liners';
import { tightenScreen } from './cards/tighten';
import { lashSentence, lockShiftSentence, screwSentence, valvesScreen } from './cards/valves';
import { feelerSentence } from './feelers';
import { refusalSentence, refusedSentence } from './refusals';
import { noWrenchSentence, wrenchSentence } from './wrenches';

const thou = { length: 'thou', torque: 'lbf·ft', pressure: 'bar' } as const;

describe('what is said of liners', () => {
  const input: LinerCheckInput = {
    bores: [
      { id: '1', readingsMm: [0.06, 0.06] },
      { id: '2', readingsMm: [0.12, 0.12] },
      { id: '3', readingsMm: [0.09, 0.09] },
      { id: '4', readingsMm: [0.07, 0.13] },
    ],
    limits: { lowMm: 0.05, highMm: 0.11, adjacentMm: 0.03, tiltMm: 0.03 },
    rise: 'up',
  };
  const check = linerCheck(input);
  const bore = (id: string): string => {
    const found = check.bores.find((b) => b.id === id);
    return found ? boreSentence(found, input.limits) : '';
  };

  it('gives the number that broke the limit, and the limit', () => {
    expect(bore('4')).toBe('Liner 4 tilts 0.06 mm; 0.03 mm is allowed.');
    expect(bore('2')).toBe('Liner 2 stands 0.12 mm, above 0.11 mm.');
    expect(bore('1')).toBe('Liner 1 stands 0.06 mm, within.');
    expect(check.differences.map((d) => differenceSentence(d, input.limits))[0]).toBe(
      'Liners 1 and 2 differ by 0.06 mm; 0.03 mm is allowed.',
    );
  });

  it('says what to put right first, and how to begin', () => {
    expect(linersSentence(check)).toMatch(/^Lift liner 4 first: it tilts 0.03 mm too much\./);
    expect(check.rise.map((r) => riseSentence(r))[0]).toContain('the order breaks between 2 and 3');
  });

  it('says it in the reader’s unit', () => {
    expect(linersSentence(check, thou)).toContain('1.2 thou too much');
  });
});

describe('what is said of a gap', () => {
  it('names the reading that counts and how locking moved it', () => {
    const verdict = lashVerdict({ lowMm: 0.3, highMm: 0.35, setMm: 0.32, lockedMm: 0.36 });
    expect(lashSentence(verdict)).toBe(
      'As locked 0.36 mm: too loose. Locking opened it by 0.04 mm.',
    );
    // Felt once more after two turns it is called so, and says nothing of the nut.
    const again = { reading: 'again', mm: 0.4, verdict: 'within' } as const;
    expect(lashSentence({ counts: again, shiftMm: 0.03 })).toBe('After two turns 0.40 mm: within.');
    expect(lashSentence({})).toBe('No gap has been read.');
    expect(lockShiftSentence({ shiftMm: 0.02, from: 3, setToMm: 0.33 })).toBe(
      'Locking opened the 3 before it by 0.02 mm: set this one to 0.33 mm.',
    );
  });

  it('says how far to turn the screw and which way', () => {
    const turn = (measuredMm: number) =>
      screwTurn({ measuredMm, targetMm: 0.3, pitchMm: 1, rockerRatio: 1.5, screwAt: 'pushrod' });
    expect(screwSentence(turn(0.45))).toBe('Turn the screw in 36°.');
    expect(screwSentence(turn(0.15))).toBe('Turn the screw out 36°.');
    expect(screwSentence(turn(0.3))).toBe('Leave the screw where it is.');
    // Nobody turns by tenths of a degree.
    expect(screwSentence(turn(0.3404))).toBe('Turn the screw in 10°.');
    expect(screwSentence(turn(0.302))).toBe('Turn the screw in 1°.');
    expect(screwSentence(turn(1.7999))).toBe('Turn the screw in one turn.');
    expect(screwSentence(turn(2.1))).toBe('Turn the screw in one turn and 72°.');
    expect(screwSentence(turn(3.3))).toBe('Turn the screw in 2 turns.');
  });

  it('says who rocks and whose push rods are loose', () => {
    const two = { gear: 'push-rod', each: 2 } as const;
    expect(valvesScreen.shouldSee([4], [1], two)).toBe(
      'cylinder 4 rocking, both push rods of cylinder 1 loose.',
    );
    expect(valvesScreen.shouldSee([1, 6], [2, 3, 5], two)).toBe(
      'cylinders 1 and 6 rocking, both push rods of cylinders 2, 3 and 5 loose.',
    );
    expect(valvesScreen.shouldSee([], [], two)).toBe('no cylinder rocking.');
    expect(valvesScreen.shouldSee([], [2], { gear: 'push-rod', each: 1 })).toBe(
      'no cylinder rocking, the push rod of cylinder 2 loose.',
    );
    expect(valvesScreen.shouldSee([], [1], { gear: 'overhead-cam', each: 2 })).toBe(
      'no cylinder rocking, both cams of cylinder 1 turned away from the tappets.',
    );
  });
});

describe('what is spoken', () => {
  it('never runs a bolt and its value together', () => {
    expect(tightenScreen.spoken('7', '85', 'newton metres')).toBe('Bolt 7. 85 newton metres.');
  });
});

describe('what is said of leaves', () => {
  const set = { leavesMm: [0.05, 0.1, 0.3], maxLeaves: 2 };
  it('names the stack and how far off it is', () => {
    const stacks = (targetMm: number, toleranceMm: number) =>
      feelerSentence(feelerStack({ ...set, targetMm, toleranceMm }));
    expect(stacks(0.35, 0)).toBe('Take 0.30 + 0.05: 0.35 mm, exactly.');
    expect(stacks(0.36, 0.02)).toBe('Take 0.30 + 0.05: 0.35 mm, 0.01 mm too thin.');
    expect(stacks(0.37, 0)).toBe(
      'No stack comes that near. The nearest: 0.30 + 0.05 (0.35 mm) goes, 0.30 + 0.10 (0.40 mm) does not.',
    );
  });
});

describe('what is said of a wrench', () => {
  const choose = (more: object, targetNm = 85) =>
    wrenchChoose({
      targetNm,
      on: '2026-06-15',
      wrenches: [
        {
          id: 'w3',
          lowNm: 20,
          highNm: 100,
          calibratedOn: '2026-01-01',
          dueOn: '2026-12-31',
          points: [],
          ...more,
        },
      ],
    });

  it('gives the setting, the error left and what stands against it', () => {
    const sentenceOf = (more: object, nm?: number): string =>
      choose(more, nm).wrenches.map((wrench) => wrenchSentence(wrench))[0] ?? '';
    expect(sentenceOf({})).toBe('Set w3 to 85 N·m.');
    expect(sentenceOf({ stepNm: 10 })).toBe('Set w3 to 80 N·m, which gives 5 N·m too little.');
    expect(sentenceOf({}, 25)).toBe('Set w3 to 25 N·m; low in its range.');
    expect(sentenceOf({ dueOn: '2026-06-14' })).toBe('Set w3 to 85 N·m; out of date.');
  });

  it('says why none will do', () => {
    expect(noWrenchSentence(choose({}, 150).wrenches)).toBe(
      'No wrench will do: of the nearest, w3, it is out of its range.',
    );
  });
});

describe('what a server refused', () => {
  const detail = 'What the server says.';

  it('is said in the reader’s units, whatever those of the server', () => {
    const refusal = { code: 'beyond-reach', lowMm: 0, highMm: 2.54 };
    expect(refusedSentence({ detail, refusal }, thou)).toBe(
      'Between 0.0 thou and 100.0 thou is possible here. Look at the decimal mark.',
    );
  });

  it('names bolts as they are printed, and in the order they are in', () => {
    expect(refusalSentence({ code: 'turn-first', bolts: ['5', '6'] })).toBe(
      'Turn the crank by hand first: bolts 5 and 6 were pulled since it was last turned.',
    );
  });

  it('is said in the server’s words where its code is not known here, or is none', () => {
    expect(refusedSentence({ detail, refusal: { code: 'of-a-later-build' } })).toBe(detail);
    expect(refusedSentence({ detail })).toBe(detail);
    expect(refusedSentence({ detail, refusal: { code: 'toString' } })).toBe(detail);
  });
});
