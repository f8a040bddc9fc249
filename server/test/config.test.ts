import { configFrom } from '../config.ts';

const SOUND = {
  KETTLE_DATABASE_URL: 'postgres://cook@127.0.0.1:5432/kettle',
  KETTLE_PORT: '4790',
  KETTLE_WEB_DIR: '/web',
};

test('the environment is read, and what is left out has its usual value', () => {
  const read = { databaseUrl: SOUND.KETTLE_DATABASE_URL, port: 4790, webDir: '/web' };
  expect(configFrom(SOUND)).toEqual(read);
  expect(configFrom({ ...SOUND, KETTLE_MOST_REQUESTS: '50' })).toEqual({
    ...read,
    mostRequests: 50,
  });
  const { port, webDir } = configFrom({ KETTLE_DATABASE_URL: SOUND.KETTLE_DATABASE_URL });
  expect(port).toBe(4780);
  expect(webDir).toMatch(/web\/dist$/);
});

test.each([
  ['KETTLE_DATABASE_URL', undefined],
  ['KETTLE_DATABASE_URL', ''],
  ['KETTLE_PORT', 'four'],
  ['KETTLE_PORT', '70000'],
  ['KETTLE_MOST_REQUESTS', '0'],
  ['KETTLE_MOST_REQUESTS', 'many'],
])('%s as “%s” is refused by its name', (variable, value) => {
  expect(() => configFrom({ ...SOUND, [variable]: value })).toThrow(variable);
});

test('the door of the home network is read: its own certificate, or a proxy that has one', () => {
  const proxy = { ...SOUND, KETTLE_HOME_PORT: '4743', KETTLE_HOME_NAMES: 'jam.example' };
  expect(configFrom(proxy).home).toEqual({
    port: 4743,
    bind: '127.0.0.1',
    names: ['jam.example'],
    certificate: null,
    trust: null,
  });
  const own = {
    ...proxy,
    KETTLE_HOME_NAMES: 'idle-kettle.local,192.168.1.20',
    KETTLE_HOME_CERT: '/c',
    KETTLE_HOME_KEY: '/k',
    KETTLE_HOME_AUTHORITY: '/a',
    KETTLE_HOME_TRUST_PORT: '4744',
  };
  expect(configFrom(own).home).toEqual({
    port: 4743,
    bind: null,
    names: ['idle-kettle.local', '192.168.1.20'],
    certificate: { certFile: '/c', keyFile: '/k' },
    trust: { port: 4744, authorityFile: '/a' },
  });
  expect(() => configFrom({ ...own, KETTLE_HOME_NAMES: '' })).toThrow('KETTLE_HOME_NAMES');
  expect(() => configFrom({ ...own, KETTLE_HOME_TRUST_PORT: 'x' })).toThrow(
    'KETTLE_HOME_TRUST_PORT',
  );
});
