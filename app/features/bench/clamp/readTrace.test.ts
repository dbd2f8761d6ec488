import { readTrace } from './readTrace';

it.each([
  ['0 2\n1 3.5', 'spaces'],
  ['0;2\n1;3,5', 'semicolons and commas'],
  ['0\t2\n1\t3.5\n', 'tabs'],
  ['0,2\n1,3.5', 'commas between'],
  ['deg,nm\n0,2\n1,3.5', 'a line of headings'],
])('%j: %s', (text) => {
  expect(readTrace(text)).toEqual({
    samples: [
      { deg: 0, nm: 2 },
      { deg: 1, nm: 3.5 },
    ],
  });
});

it.each(['0 2\nx y', '0 2\n1', '0 2\n1 2 3'])('%j names the line that is none', (text) => {
  expect(readTrace(text)).toMatchObject({ samples: [], fault: expect.stringContaining('Line 2') });
});
