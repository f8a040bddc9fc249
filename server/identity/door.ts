import type { Request } from 'express';

/** Where the home network comes in, beside the door of the machine itself. */
export type HomeDoor = {
  /** Its port, which nothing else of this server listens on. */
  readonly port: number;
  /** The address of this machine that it listens on; null for all that it has. */
  readonly bind: string | null;
  /** The names and addresses that it goes by there, as browsers write them in `Host`. */
  readonly names: readonly string[];
  /** Files of its certificate and key, in PEM; null behind a proxy that has them. */
  readonly certificate: { readonly certFile: string; readonly keyFile: string } | null;
  /** Where a phone learns to trust it, without https; null where it need not. */
  readonly trust: { readonly port: number; readonly authorityFile: string } | null;
};

/** The {@link HomeDoor} of this server, or null, for whoever asks Nest for it. */
export const HOME_DOOR = Symbol('home door');

/** `loopback`: on the machine itself; `home`: over the network, where people sign in. */
export type Door = 'loopback' | 'home';

/** By which door a request came: each has a port of its own. */
export const doorOf = (request: Pick<Request, 'socket'>, home: HomeDoor | null): Door =>
  home !== null && request.socket.localPort === home.port ? 'home' : 'loopback';
