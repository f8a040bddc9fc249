import type { Batch, BatchSummary } from '@idle-kettle/contract';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { randomUUID } from 'node:crypto';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Client, DatabaseError } from 'pg';

/** The migrated database that every kitchen of these tests begins as a copy of. */
const TEMPLATE = 'e2e_template';

/** Makes the template, once for all tests. */
export async function makeTemplate(): Promise<void> {
  const admin = new URL(adminUrl());
  const client = new Client({ connectionString: admin.href });
  await client.connect();
  await client.query(`DROP DATABASE IF EXISTS ${TEMPLATE}`);
  await client.query(`CREATE DATABASE ${TEMPLATE}`);
  await client.end();
  admin.pathname = `/${TEMPLATE}`;
  const { status, stderr } = spawnSync(process.execPath, [join(SERVER, 'migrate.bundle.js')], {
    env: { ...process.env, KETTLE_DATABASE_URL: admin.href },
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(`The migration failed: ${stderr}`);
}

const SERVER = join(import.meta.dirname, '../server/dist');
/** A clock that can be put ahead, loaded before anything else. */
const CLOCK = pathToFileURL(join(import.meta.dirname, 'clockAhead.mjs')).href;

/** One kitchen of its own: an empty database and a real server process on a free port. */
export class KettleServer {
  private child: ChildProcess | null = null;

  private constructor(
    private readonly databaseUrl: string,
    readonly address: string,
    /** What its environment says besides. */
    private readonly more: NodeJS.ProcessEnv = {},
  ) {}

  /** A kitchen in a new database of the test’s cluster. */
  static async withEmptyKitchen(): Promise<KettleServer> {
    const server = new KettleServer(await newDatabase(), `http://127.0.0.1:${await freePort()}`);
    await server.start();
    return server;
  }

  /** A kitchen of its own that serves the home network as well; stop it yourself. */
  static async atHome(home: NodeJS.ProcessEnv): Promise<KettleServer> {
    const address = `http://127.0.0.1:${await freePort()}`;
    const server = new KettleServer(await newDatabase(), address, home);
    await server.start();
    return server;
  }

  /** A kitchen in a database that is empty. */
  static async onEmptyDatabase(databaseUrl: string): Promise<KettleServer> {
    const server = new KettleServer(databaseUrl, `http://127.0.0.1:${await freePort()}`);
    const [code] = (await once(server.run('migrate.bundle.js'), 'exit')) as [number];
    if (code !== 0) throw new Error('The migration failed');
    await server.start();
    return server;
  }

  /** Makes the kitchen as empty as it was at first, and its server run where a test killed it. */
  async startAfresh(): Promise<void> {
    if (this.aheadMs !== 0) {
      this.aheadMs = 0;
      await this.stop();
    }
    await emptied(this.databaseUrl);
    if (this.child === null) await this.start();
  }

  /** Puts something straight into the database, as a server of an earlier day may have. */
  async put(sql: string, values: readonly unknown[]): Promise<void> {
    const client = new Client({ connectionString: this.databaseUrl });
    await client.connect();
    await client.query(sql, [...values]);
    await client.end();
  }

  /** Another server process on the same database, as behind a balancer; stop it yourself. */
  async sibling(): Promise<KettleServer> {
    const server = new KettleServer(this.databaseUrl, `http://127.0.0.1:${await freePort()}`);
    await server.start();
    return server;
  }

  /** How far the servers of this kitchen are ahead of the wall, ms, from their next start on. */
  aheadMs = 0;

  /** Lets so much time go by for the server of this kitchen. */
  async letGoBy(ms: number): Promise<void> {
    if (this.child === null) throw new Error('There is no server to put ahead');
    this.aheadMs += ms;
    this.child.send(this.aheadMs);
    await once(this.child, 'message');
  }

  async start(): Promise<void> {
    this.child = this.run('main.bundle.js');
    await once(this.child, 'message');
  }

  /** How often it was stopped. */
  stops = 0;

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    if (this.child === null) return;
    this.stops += 1;
    const child = this.child;
    const exit = once(child, 'exit');
    child.kill(signal);
    this.child = null;
    // A server that is busy when it is asked to stop is not waited for without end.
    const last = setTimeout(() => child.kill('SIGKILL'), 5000);
    await exit;
    clearTimeout(last);
  }

  async setUpKitchen(change: object = {}): Promise<void> {
    const kitchen = {
      name: 'Test kitchen',
      altitudeM: 1524,
      waterBoilsC: null,
      units: 'us',
      temperature: 'F',
      altitudeUnit: 'ft',
      school: 'sterilised',
      ...change,
    };
    await this.send('PUT', '/kitchen', kitchen);
  }

  async send<T>(method: string, path: string, body?: object): Promise<T> {
    const response = await fetch(`${this.address}/api${path}`, {
      method,
      // A connection that a server closes after a quiet while must not be used for the next request
      // just then.
      headers: { 'content-type': 'application/json', connection: 'close' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (!response.ok)
      throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
    return (await response.json()) as T;
  }

  /** Every batch, whole, the last changed first. */
  async batches(): Promise<Batch[]> {
    const listed = await this.send<BatchSummary[]>('GET', '/batches');
    return Promise.all(listed.map(({ id }) => this.send<Batch>('GET', `/batches/${id}`)));
  }

  private run(script: string): ChildProcess {
    return spawn(process.execPath, ['--import', CLOCK, join(SERVER, script)], {
      env: {
        ...process.env,
        E2E_AHEAD_MS: String(this.aheadMs),
        NODE_ENV: 'production',
        KETTLE_DATABASE_URL: this.databaseUrl,
        KETTLE_PORT: new URL(this.address).port,
        // A test that sends every hostile value is not held back, on however quick a machine.
        KETTLE_MOST_REQUESTS: '1000000',
        ...this.more,
      },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
  }
}

function adminUrl(): string {
  const url = process.env['KETTLE_TEST_DATABASE_URL'];
  if (url === undefined)
    throw new Error('These tests need a database: run them with ./kettle test');
  return url;
}

async function newDatabase(): Promise<string> {
  const admin = adminUrl();
  const name = `e2e_${randomUUID().replaceAll('-', '')}`;
  const client = new Client({ connectionString: admin });
  await client.connect();
  await client.query(`CREATE DATABASE ${name} TEMPLATE ${TEMPLATE}`);
  await client.end();
  const url = new URL(admin);
  url.pathname = `/${name}`;
  return url.href;
}

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** How often a kitchen is emptied anew when its server still writes something of the last test. */
const EMPTIED_AT_MOST = 5;
/** PostgreSQL’s word for two that wait for each other. */
const DEADLOCK = '40P01';

/** Empties a kitchen beside its server, which may be writing: PostgreSQL ends one of two that wait for each other. */
async function emptied(databaseUrl: string, goes = EMPTIED_AT_MOST): Promise<void> {
  const client = new Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const { rows } = await client.query<{ tables: string }>(
      `SELECT string_agg(quote_ident(tablename), ', ') AS tables FROM pg_tables
       WHERE schemaname = 'public' AND tablename NOT IN ('households', 'migrations')`,
    );
    await client.query(`
      TRUNCATE ${rows[0]?.tables ?? ''};
      INSERT INTO kitchens (household_id, name, units, temperature, altitude_unit, school)
      SELECT id, 'My kitchen', 'us', 'F', 'ft', 'ten-minute' FROM households;
      UPDATE households SET cooks_numbered = 0`);
  } catch (error) {
    if (goes === 1 || !(error instanceof DatabaseError) || error.code !== DEADLOCK) throw error;
    await emptied(databaseUrl, goes - 1);
  } finally {
    await client.end();
  }
}
