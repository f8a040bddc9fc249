import { networkInterfaces } from 'node:os';
import { portNear } from './ports.mjs';
import { Failure } from './say.mjs';
import { readState, writeState } from './state.mjs';

/** What the kitchen is called on the network, where its name is passed on there. */
const LOCAL_NAME = 'idle-kettle.local';
const FIRST_PORT = 4743;

/**
 * The door to the home network, as the server is told of it.
 * @typedef {object} Home
 * @property {NodeJS.ProcessEnv} env for the server
 * @property {string} told what a person needs to know of it, in lines
 * @property {() => void} close takes its name off the network
 */

/**
 * How the home network is to be served.
 * @typedef {object} HomeAsked
 * @property {string | undefined} proxy the name that a proxy on this machine answers to with a
 * certificate of its own
 * @property {string | undefined} address the one that phones use, where this machine has several
 */

/** Addresses of this machine on the networks that it is in. @returns {string[]} */
const addresses = () =>
  Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);

/**
 * Prepares the door to the home network: names, ports, and a certificate for them.
 * @param {string} folder of the state
 * @param {HomeAsked} asked
 * @returns {Promise<Home>}
 */
export async function openHome(folder, { proxy, address }) {
  const port = await portNear(readState(folder).homePort ?? FIRST_PORT);
  writeState(folder, { homePort: port });
  if (proxy !== undefined) return behind(proxy, port);
  const all = address === undefined ? addresses() : [address];
  const [first = null] = all;
  if (first === null)
    throw new Failure('This machine is in no network, so no phone would reach it.');
  const trustPort = await portNear(readState(folder).trustPort ?? port + 1);
  writeState(folder, { trustPort });
  // They read packages that may have to be installed first.
  const [{ certificateFor }, { announce }, { default: QRCode }] = await Promise.all([
    import('./certificate.mjs'),
    import('./announce.mjs'),
    import('qrcode'),
  ]);
  const names = [LOCAL_NAME, ...all];
  const { certFile, keyFile, authorityFile, fingerprint } = await certificateFor(folder, names);
  const trust = `http://${first}:${trustPort}`;
  return {
    env: {
      KETTLE_HOME_PORT: String(port),
      KETTLE_HOME_NAMES: names.join(','),
      KETTLE_HOME_CERT: certFile,
      KETTLE_HOME_KEY: keyFile,
      KETTLE_HOME_AUTHORITY: authorityFile,
      KETTLE_HOME_TRUST_PORT: String(trustPort),
    },
    told: [
      '',
      `  On the home network: https://${LOCAL_NAME}:${port} or https://${first}:${port}`,
      `  Once on each phone, so that it trusts this machine: ${trust}`,
      `  Fingerprint of its certificate: ${fingerprint}`,
      '',
      await QRCode.toString(trust, { type: 'terminal', small: true }),
    ].join('\n'),
    close: announce(LOCAL_NAME, port),
  };
}

/**
 * Behind a proxy of one’s own, which has the certificate and the name.
 * @param {string} name @param {number} port @returns {Home}
 */
function behind(name, port) {
  if (!/^[a-z0-9]([a-z0-9.-]*[a-z0-9])?$/.test(name))
    throw new Failure(`--proxy takes the name of the proxy, such as jam.example, not “${name}”.`);
  return {
    env: { KETTLE_HOME_PORT: String(port), KETTLE_HOME_NAMES: name },
    told: `\n  Behind your proxy: https://${name}, passed on to http://127.0.0.1:${port}\n`,
    close: () => undefined,
  };
}
