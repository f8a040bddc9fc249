import { parse, serialize } from 'cookie';
import type { Request, Response } from 'express';
import { TABLET_DAYS } from './sessions.service.ts';

/** The prefix ties it to this host, to https and to the whole of it (RFC 6265bis, 4.1.3.2). */
const NAME = '__Host-kettle';

const KEPT = { httpOnly: true, secure: true, sameSite: 'strict', path: '/' } as const;

/** The secret that a browser sends along; null for none. */
export const secretIn = (request: Pick<Request, 'headers'>): string | null =>
  parse(request.headers.cookie ?? '')[NAME] ?? null;

/** Has a browser send a secret along from now on. The server says when it ends. */
export function keepSecret(response: Response, secret: string): void {
  response.append('Set-Cookie', serialize(NAME, secret, { ...KEPT, maxAge: TABLET_DAYS * 86_400 }));
}

export function dropSecret(response: Response): void {
  response.append('Set-Cookie', serialize(NAME, '', { ...KEPT, maxAge: 0 }));
}
