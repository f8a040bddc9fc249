/**
 * One call to a running server.
 * @template T
 * @param {string} address @param {string} method @param {string} path @param {object} [body]
 * @returns {Promise<T>}
 */
export async function ask(address, method, path, body) {
  const response = await fetch(`${address}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status}`);
  return /** @type {Promise<T>} */ (response.json());
}
