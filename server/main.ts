import { createApp } from './app.ts';
import { rehearse } from './bodies.ts';
import { configFrom } from './config.ts';
import { Draining } from './draining.ts';
import { openHomeDoor } from './home/listen.ts';
import { PlanningService } from './planning/planning.service.ts';

const config = configFrom(process.env);
const draining = new Draining();
const app = await createApp(config, draining);
await rehearse();
await app.listen(config.port, '127.0.0.1');
const closeHomeDoor = config.home === undefined ? null : await openHomeDoor(app, config.home);

/** Finishes what is under way, answers the rest that it stops, and stops. */
let stopping: Promise<void> | null = null;
const stop = () => {
  stopping ??= draining
    .drain()
    .then(() => {
      closeHomeDoor?.();
      return app.close();
    })
    .finally(() => process.exit(0));
};
for (const signal of ['SIGTERM', 'SIGINT', 'SIGHUP']) process.on(signal, stop);
// Started by the launcher, the server holds a channel to it: when the launcher dies without a word,
// the channel closes and the server stops, so that nothing is left behind on its port.
process.once('disconnect', stop);
process.send?.('listening');
// A server that stops meanwhile needs them no more.
void app
  .get(PlanningService)
  .warmUp()
  .catch(() => undefined);
