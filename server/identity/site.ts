import { message } from '@idle-kettle/words/message';
import type { Request } from 'express';
import { isIP } from 'node:net';
import { NotAllowed } from '../problem/errors.ts';
import { doorOf, type HomeDoor } from './door.ts';

/** The kitchen as the browser that asks knows it: a passkey belongs to a name, and to no other. */
export type Site = { readonly name: string; readonly origin: string };

/** Throws {@link NotAllowed} at the machine itself, and where the kitchen was asked by number. */
export function siteOf(request: Request, home: HomeDoor | null): Site {
  if (doorOf(request, home) === 'loopback')
    throw new NotAllowed(message('problems.passkeysAtHome'));
  const { hostname, origin } = new URL(`https://${request.headers.host ?? ''}`);
  if (isIP(hostname.replace(/^\[|\]$/g, '')) !== 0)
    throw new NotAllowed(message('problems.passkeyNeedsName'));
  return { name: hostname, origin };
}
