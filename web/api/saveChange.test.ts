import type { Batch, BatchDto } from '@idle-kettle/contract';
import { Refused } from './request.ts';
import { contentKey, saveChange, type Send } from './saveChange.ts';

const BODY: BatchDto = { name: 'Plum', lines: ['1 kg plums', '700 g sugar'], version: 1 };

/** A server that holds one batch, and counts what it took. */
function server(there: Pick<Batch, 'name' | 'lines' | 'version'>) {
  let row = { id: 'a', settings: {}, ...there };
  const took: BatchDto[] = [];
  const send = ((_: string, method = 'GET', body?: unknown) => {
    if (method === 'GET') return Promise.resolve(row);
    const dto = body as BatchDto;
    if (dto.version !== row.version) {
      const problem = { status: 409, detail: 'saved somewhere else', faults: [] };
      return Promise.reject(new Refused(problem as never));
    }
    took.push(dto);
    row = { ...row, name: dto.name, lines: dto.lines, version: row.version + 1 };
    return Promise.resolve(row);
  }) as Send;
  return { send, took };
}

test('a change on the version that is there is taken', async () => {
  const { send } = server({ name: 'Plum', lines: ['1 kg plums'], version: 1 });
  expect(await saveChange('a', BODY, [], send)).toMatchObject({ version: 2, lines: BODY.lines });
});

test('a save whose answer was lost is no conflict with oneself', async () => {
  const { send, took } = server({ name: 'Plum', lines: BODY.lines, version: 2 });
  expect(await saveChange('a', BODY, [], send)).toMatchObject({ version: 2 });
  expect(took).toHaveLength(0);
});

test('nor is one where more was typed since: it goes on from what was sent', async () => {
  const sent = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'] };
  const { send } = server({ ...sent, version: 2 });
  expect(await saveChange('a', BODY, ['older', contentKey(sent)], send)).toMatchObject({
    version: 3,
    lines: BODY.lines,
  });
});

test('what somebody else saved is a conflict, and is not written over', async () => {
  const { send, took } = server({ name: 'Plum, by another', lines: ['2 kg plums'], version: 2 });
  await expect(saveChange('a', BODY, [contentKey(BODY)], send)).rejects.toThrow('somewhere else');
  expect(took).toHaveLength(0);
});

test('content is the same whatever the order of its keys', () => {
  const key = (settings: object) => contentKey({ name: ' Plum ', lines: [], settings });
  expect(key({ product: 'jam', method: null })).toBe(key({ method: null, product: 'jam' }));
  expect(key({ product: 'jam' })).not.toBe(key({ product: 'jelly' }));
});
