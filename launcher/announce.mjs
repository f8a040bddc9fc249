import { Bonjour } from 'bonjour-service';
import { say } from './say.mjs';

/**
 * Passes the name of this machine on to the network (multicast DNS, RFC 6762), for as long as the
 * kitchen is open. Where a network does not carry that, the kitchen goes by its address alone.
 * @param {string} host @param {number} port
 * @returns {() => void} what ends it
 */
export function announce(host, port) {
  let isTold = false;
  /** @param {unknown} error */
  const failed = (error) => {
    if (!isTold) say(`this network does not pass on the name ${host} (${String(error)})`);
    isTold = true;
  };
  const bonjour = new Bonjour({}, failed);
  bonjour.publish({ name: 'Idle Kettle', type: 'https', host, port }).on('error', failed);
  return () => bonjour.unpublishAll(() => bonjour.destroy());
}
