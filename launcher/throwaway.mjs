import { startCluster } from './cluster.mjs';
import { takeLock } from './lock.mjs';
import { Failure } from './say.mjs';
import { stateFolder } from './state.mjs';

/**
 * Does something with a cluster that begins empty and is thrown away. One at a time: another would
 * throw the same one away.
 * @template T
 * @param {string} name of its folder
 * @param {(cluster: import('./cluster.mjs').Cluster) => Promise<T>} work
 * @returns {Promise<T>}
 */
export async function withTestCluster(name, work) {
  const folder = stateFolder(name);
  const lock = takeLock(folder);
  if ('heldBy' in lock) {
    throw new Failure(
      `Another run of this is under way in ${folder} (process ${lock.heldBy}). Wait for it, or name another folder with KETTLE_STATE.`,
    );
  }
  try {
    const cluster = await startCluster(folder, { throwaway: true });
    try {
      return await work(cluster);
    } finally {
      await cluster.stop();
    }
  } finally {
    lock.release();
  }
}
