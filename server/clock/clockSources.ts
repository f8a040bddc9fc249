import { readFileSync } from 'node:fs';

/** The two clocks of a machine, ms. */
export abstract class ClockSources {
  /** What time it says it is, since 1970. Somebody may set it, and so may a time server. */
  abstract wall(): number;
  /** How long the machine runs, sleep included: nobody sets it. */
  abstract steady(): number;
}

/** Those of this machine, as Linux tells them. */
export class MachineClocks extends ClockSources {
  wall(): number {
    return Date.now();
  }

  steady(): number {
    return 1000 * Number(readFileSync('/proc/uptime', 'latin1').split(' ')[0]);
  }
}
