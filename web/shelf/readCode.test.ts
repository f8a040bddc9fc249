import { codeOfText } from './readCode.ts';

test.each([
  ['http://127.0.0.1:4790/j/14-3', '14-3'],
  ['https://kettle.home/j/14-b2?from=label', '14-b2'],
  ['14-3', '14-3'],
  [' 14 - B2 ', '14-b2'],
  ['https://elsewhere.example/page', null],
  ['https://kettle.home/batches/3f', null],
  ['', null],
])('“%s” is %s', (text, code) => expect(codeOfText(text)).toBe(code));
