import {
  isFinal,
  LONGEST_MS,
  Refused,
  request,
  sayError,
  sayFault,
  Unreachable,
} from './request.ts';

const answering = (status: number, body: unknown) =>
  Promise.resolve(new Response(body === null ? null : JSON.stringify(body), { status }));

const problem = (status: number, faults: readonly object[] = []) => ({
  type: 'about:blank', title: '', status, detail: `status ${status}`, instance: '', faults,
}); // prettier-ignore

afterEach(() => jest.restoreAllMocks());

test('an answer is read, and what is sent is JSON', async () => {
  const spy = jest.spyOn(globalThis, 'fetch').mockImplementation(() => answering(200, { a: 1 }));
  expect(await request('/x', 'PUT', { b: 2 })).toEqual({ a: 1 });
  expect(spy).toHaveBeenCalledWith(
    '/api/x',
    expect.objectContaining({ method: 'PUT', body: '{"b":2}' }),
  );
});

test('nothing is answered where there is nothing to say', async () => {
  jest.spyOn(globalThis, 'fetch').mockImplementation(() => answering(204, null));
  expect(await request('/x', 'DELETE')).toBeUndefined();
});

test('a refusal carries what the server said', async () => {
  jest.spyOn(globalThis, 'fetch').mockImplementation(() => answering(409, problem(409)));
  await expect(request('/x')).rejects.toThrow('status 409');
});

test('what is no answer of a kitchen’s server is none', async () => {
  jest.spyOn(globalThis, 'fetch').mockResolvedValue(new Response('<html>', { status: 502 }));
  await expect(request('/x')).rejects.toBeInstanceOf(Unreachable);
});

test('a server that says nothing is waited for twenty seconds, and the line is let go of', async () => {
  jest.useFakeTimers();
  let signal: AbortSignal | null | undefined;
  jest.spyOn(globalThis, 'fetch').mockImplementation((_, init) => {
    signal = init?.signal;
    return new Promise((_resolve, reject) =>
      signal?.addEventListener('abort', () => reject(new Error('aborted'))),
    );
  });
  const asked = request('/x');
  const told = expect(asked).rejects.toBeInstanceOf(Unreachable);
  jest.advanceTimersByTime(LONGEST_MS - 1);
  expect(signal?.aborted).toBe(false);
  jest.advanceTimersByTime(1);
  await told;
  expect(signal?.aborted).toBe(true);
  jest.useRealTimers();
});

test.each([
  [400, true],
  [404, true],
  [409, true],
  [413, true],
  [408, false],
  [425, false],
  [429, false],
  [500, false],
  [503, false],
])('a server that says %d has said no for good: %s', (status, final) => {
  expect(isFinal(new Refused(problem(status) as never))).toBe(final);
});

test('no answer is no refusal', () => expect(isFinal(new Unreachable())).toBe(false));

test('faults are said by their lines, counted from one', () => {
  const faults = [
    { field: 'lines[3]', message: 'The amount must be more than zero.' },
    { field: 'name', message: 'Give it a name.' },
  ];
  expect(sayFault(faults[0]!)).toBe('Line 4: The amount must be more than zero.');
  expect(sayError(new Refused(problem(400, faults) as never))).toBe(
    'Line 4: The amount must be more than zero. Give it a name.',
  );
  expect(sayError(new Unreachable())).toContain('isn’t answering');
});
