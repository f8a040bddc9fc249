import { nothingSerious } from '../everyScreen.ts';
import { test } from '../kitchen.ts';

// The colours of a phone are the table’s.
test('axe finds nothing serious on any screen, dark', ({ page, kettle }) =>
  nothingSerious(page, kettle, 'dark'));
