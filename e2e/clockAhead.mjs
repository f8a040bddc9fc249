/** Puts the clock of a server process ahead, for tests that come to the next day. */
let aheadMs = Number(process.env['E2E_AHEAD_MS']);
process.on('message', (message) => {
  aheadMs = Number(message);
  process.send?.('ahead');
});

globalThis.Date = new Proxy(Date, {
  construct: (Wall, args) =>
    args.length === 0 ? new Wall(Wall.now() + aheadMs) : Reflect.construct(Wall, args),
  get: (Wall, key) => (key === 'now' ? () => Wall.now() + aheadMs : Reflect.get(Wall, key)),
});
