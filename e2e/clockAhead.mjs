import fs from 'node:fs';
import { syncBuiltinESMExports } from 'node:module';

/** Puts both clocks of a server process ahead, for tests that come to the next day. */
let aheadMs = Number(process.env['E2E_AHEAD_MS']);
process.on('message', (message) => {
  aheadMs = Number(message);
  process.send?.('ahead');
});
// What only migrates ends by itself all the same.
process.channel?.unref();

globalThis.Date = new Proxy(Date, {
  construct: (Wall, args) =>
    args.length === 0 ? new Wall(Wall.now() + aheadMs) : Reflect.construct(Wall, args),
  get: (Wall, key) => (key === 'now' ? () => Wall.now() + aheadMs : Reflect.get(Wall, key)),
});

// How long the machine has run, as the server reads it.
const { readFileSync } = fs;
fs.readFileSync = /** @type {typeof readFileSync} */ (
  /** @param {[never]} args */ (...args) => {
    const text = readFileSync(...args);
    return args[0] === '/proc/uptime'
      ? String(Number(String(text).split(' ')[0]) + aheadMs / 1000)
      : text;
  }
);
syncBuiltinESMExports();
