import type { Who } from '@idle-kettle/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createServer, type AddressInfo } from 'node:net';
import { once } from 'node:events';
import request, { type Test } from 'supertest';
import { openHomeDoor } from '../home/listen.ts';
import type { HomeDoor } from '../identity/door.ts';
import { freshDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

export const NAME = 'kettle.test';
export const PASSPHRASE = 'velvet-otter-ladder-94';

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1');
  await once(probe, 'listening');
  const { port } = probe.address() as AddressInfo;
  probe.close();
  return port;
}

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

/** Somebody’s browser on the home network: what it was given to keep, and what it sends along. */
export class Browser {
  cookie = '';
  token: string | null = null;

  constructor(
    private readonly port: number,
    private readonly address: string,
  ) {}

  /** One request as this browser makes it. */
  ask(method: Method, path: string, body?: object): Test {
    const to = request(`http://127.0.0.1:${this.port}`);
    const asked = to[method](`/api${path}`)
      .set('Host', NAME)
      .set('X-Forwarded-For', this.address)
      .set('Origin', `https://${NAME}`);
    if (this.cookie !== '') void asked.set('Cookie', this.cookie);
    if (this.token !== null) void asked.set('X-Kettle-Token', this.token);
    return body === undefined ? asked : asked.send(body);
  }

  /** Signs in or joins, and keeps what it is given. */
  async enter(path: string, body: object): Promise<Who> {
    const answer = await this.ask('post', path, body).expect(200);
    this.cookie = cookieIn(answer.headers['set-cookie'] as unknown as string[]);
    const who = answer.body as Who;
    this.token = who.token;
    return who;
  }
}

/** What of the cookies in an answer is sent back. */
export const cookieIn = (set: readonly string[] | undefined): string =>
  (set ?? []).map((one) => one.split(';')[0]).join('; ');

/** A server with a door to the home network, from before the first test of a file to its last. */
export function servedHome() {
  let app: NestExpressApplication;
  let close: () => void;
  let home: HomeDoor;
  let url: string;
  let addresses = 0;
  beforeAll(async () => {
    url = await freshDatabase();
    home = {
      port: await freePort(),
      bind: '127.0.0.1',
      names: [NAME],
      certificate: null,
      trust: null,
    };
    app = await serverOn(url, { home });
    close = await openHomeDoor(app, home);
  });
  afterAll(async () => {
    close();
    await app.close();
  });
  /** A browser at an address of its own. */
  const browser = () => new Browser(home.port, `192.168.1.${(addresses += 1)}`);
  const api = () => request(app.getHttpServer());
  return {
    databaseUrl: () => url,
    app: () => app,
    home: () => home,
    /** At the machine itself. */
    api,
    browser,
    /** The keeper that signs up at the machine, signed in over the network. */
    keeper: async (name = 'Ann'): Promise<Browser> => {
      await api()
        .post('/api/sign-up')
        .send({ household: 'Hill House', name, passphrase: PASSPHRASE });
      const page = browser();
      await page.enter('/sign-in', { name, passphrase: PASSPHRASE });
      return page;
    },
    /** Somebody whom a keeper invited. */
    invited: async (keeper: Browser, role: string, name: string): Promise<Browser> => {
      const made = await keeper.ask('post', '/invites', { role, who: 'person' }).expect(201);
      const page = browser();
      const { code } = made.body as { code: string };
      await page.enter('/join', { code, name, passphrase: PASSPHRASE });
      return page;
    },
  };
}
