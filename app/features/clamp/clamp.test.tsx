import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { clampSimulate, type ClampSimulateInput } from '@cardinex/core/tightening/clampSimulate';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { TraceDrawing } from './TraceDrawing';
import { orderFor, scattered, stagesFor } from './plans';
import { startClampWorker } from './startClampWorker';
import { WhatIf } from './WhatIf';

jest.mock('./startClampWorker');

const fasteners = Array.from({ length: 6 }, (_, at) => ({
  id: `b${at + 1}`,
  number: `${at + 1}`,
  xMm: Math.floor(at / 2) * 100,
  yMm: (at % 2) * 120,
}));
const set = { map: { widthMm: 260, heightMm: 180, seenFrom: '' }, fasteners, instances: ['1'] };
const own = ['b3', 'b4', 'b1', 'b6', 'b2', 'b5'];
const load = (kn: number) => ({ kind: 'load' as const, kn, scatter: 0.1 });

/** A worker that answers at once, as the real one would. */
function answering(): { asked: { a: ClampSimulateInput; b: ClampSimulateInput }[] } {
  const asked: { a: ClampSimulateInput; b: ClampSimulateInput }[] = [];
  jest.mocked(startClampWorker).mockImplementation(() => {
    const worker = {
      onmessage: null as ((event: { data: unknown }) => void) | null,
      onerror: null,
      terminate: () => undefined,
      postMessage(input: { a: ClampSimulateInput; b: ClampSimulateInput }) {
        asked.push(input);
        const few = (entry: ClampSimulateInput) => clampSimulate({ ...entry, trials: 20 });
        const found = { a: few(input.a), b: few(input.b) };
        queueMicrotask(() => act(() => worker.onmessage?.({ data: { found } })));
      },
    };
    return worker as unknown as Worker;
  });
  return { asked };
}

describe('plans to compare', () => {
  it('an order is its own, a proposal, or end to end', () => {
    expect(orderFor('own', fasteners, own)).toBe(own);
    expect(orderFor('along', fasteners, own)).toEqual(['b1', 'b2', 'b3', 'b4', 'b5', 'b6']);
    expect(orderFor('spiral', fasteners, own)[0]).toBe('b3');
  });

  it('stages as they are, in one pull, or the last of them twice', () => {
    const stages = [load(20), load(40), load(60)];
    expect(stagesFor('own', stages)).toBe(stages);
    expect(stagesFor('one', stages)).toEqual([load(60)]);
    expect(stagesFor('again', stages)).toEqual([...stages, load(60)]);
  });

  it('a turn after the last load stays with it', () => {
    const turn = { kind: 'angle' as const, knPerDeg: 0.5, deg: 90, scatter: 0.05 };
    expect(stagesFor('one', [load(20), load(40), turn])).toEqual([load(40), turn]);
  });

  it('a stated scatter holds for all, and slackening has none', () => {
    expect(scattered([load(20), { kind: 'slacken' }], 0.3)).toEqual([
      { ...load(20), scatter: 0.3 },
      { kind: 'slacken' },
    ]);
    expect(scattered([load(20)], undefined)).toEqual([load(20)]);
  });
});

it('two ways stand side by side, each with its deck and how far apart its bolts end', async () => {
  const { asked } = answering();
  render(<WhatIf set={set} order={own} stages={[load(30), load(60)]} />);
  const one = await screen.findByTestId('plan-a');
  expect(
    within(one).getAllByRole('img', { name: /^One way, deck from above\. b1 \d/ }),
  ).toHaveLength(1);
  expect(one.textContent).toContain('After stage 2:');
  expect(screen.getByTestId('plan-b').textContent).toContain('After stage 1:');
  const choices = screen.getByRole('group', { name: 'Another' });
  fireEvent.click(within(choices).getByRole('button', { name: 'Last one twice' }));
  await screen.findByText(/^After stage 3:/);
  expect(asked.at(-1)?.b.stages).toHaveLength(3);
});

it('what is not a figure is named, and asks nothing of the worker', () => {
  const { asked } = answering();
  render(<WhatIf set={set} order={own} stages={[load(30)]} />);
  const before = asked.length;
  fireEvent.change(screen.getByLabelText('A neighbour loses, %'), { target: { value: 'x' } });
  expect(asked).toHaveLength(before);
  expect(screen.getByRole('alert').textContent).toBe('Digits with one comma or point.');
});

it('a trace is drawn with its seat and its yield, and says the same aloud', () => {
  const samples = Array.from({ length: 90 }, (_, deg) => ({
    deg,
    nm: deg < 20 ? 2 : deg < 60 ? 2 + (deg - 20) * 1.6 : 66 + (deg - 60) * 0.3,
  }));
  const found = traceVerdict({ samples, plan: { snugNm: 10, finalNm: 85 } });
  const { container } = render(<TraceDrawing samples={samples} found={found} />);
  expect(screen.getAllByRole('img', { name: /It began to stretch for good/ })).toHaveLength(1);
  expect(container.querySelectorAll('circle')).toHaveLength(2);
});
