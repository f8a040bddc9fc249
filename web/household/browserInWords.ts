import { say } from '@idle-kettle/words';
import { parse } from 'bowser';

/** A browser as a person knows it, by how it names itself: its name and the system it runs on. */
export function browserInWords(userAgent: string): string {
  if (userAgent === '') return say('people.aBrowser');
  const { browser, os } = parse(userAgent);
  return [browser.name, os.name].filter((part) => part !== undefined).join(', ');
}
