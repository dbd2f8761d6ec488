import { writeCodes } from './codesCsv';

it('codes go out in the order of their cylinders, and none as a formula', () => {
  const codes = [
    { cylinder: 2, code: '=AB23C' },
    { cylinder: 1, code: 'XY34ZW' },
  ];
  expect(writeCodes(codes)).toBe(`cylinder,code\r\n1,XY34ZW\r\n2,"'=AB23C"`);
});
