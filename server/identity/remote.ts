import type { Request } from 'express';
import { isIPv6 } from 'node:net';

const MOST_BROWSER_CHARS = 200;

/** How the browser of a request names itself, in what room there is for it. */
export const browserOf = ({ headers }: Pick<Request, 'headers'>): string =>
  (headers['user-agent'] ?? '').slice(0, MOST_BROWSER_CHARS);

/**
 * Where a request comes from, as guesses are counted: of an IPv6 address the half that names a
 * network, since one machine has the other half to itself.
 */
export function addressOf({ ip = '' }: Pick<Request, 'ip'>): string {
  if (!isIPv6(ip) || ip.startsWith('::ffff:')) return ip;
  const [head = '', tail = ''] = ip.split('::');
  const groups = head.split(':').filter((group) => group !== '');
  const rest = tail.split(':').filter((group) => group !== '');
  const zeros = ip.includes('::') ? 8 - groups.length - rest.length : 0;
  return [...groups, ...Array.from({ length: zeros }, () => '0'), ...rest].slice(0, 4).join(':');
}
