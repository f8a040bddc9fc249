import { createApp } from './app.ts';
import { rehearse } from './bodies.ts';
import { configFrom } from './config.ts';
import { PlanningService } from './planning/planning.service.ts';

const config = configFrom(process.env);
const app = await createApp(config);
await rehearse();
await app.listen(config.port, '127.0.0.1');

// Started by the launcher, the server holds a channel to it: when the launcher dies without a word,
// the channel closes and the server stops, so that nothing is left behind on its port.
process.once('disconnect', () => void app.close().then(() => process.exit(0)));
process.send?.('listening');
// A server that stops meanwhile needs them no more.
void app
  .get(PlanningService)
  .warmUp()
  .catch(() => undefined);
