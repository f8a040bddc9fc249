import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { certificateFor } from '../launcher/certificate.mjs';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { freePort, KettleServer } from './kettleServer.ts';

/**
 * The home of somebody whose browser was told to trust an authority, as the page of four steps says,
 * and nobody else's.
 */
function homeThatTrusts(authorityFile: string): string {
  const home = mkdtempSync(join(tmpdir(), 'kettle-trusts-'));
  const database = `sql:${join(home, '.pki', 'nssdb')}`;
  mkdirSync(join(home, '.pki', 'nssdb'), { recursive: true });
  execFileSync('certutil', ['-N', '-d', database, '--empty-password']);
  const asAuthority = ['-A', '-n', 'kitchen', '-t', 'C,,', '-i', authorityFile];
  execFileSync('certutil', [...asAuthority, '-d', database]);
  return home;
}

/** What the kitchen is called on its network, which is another address than the machine’s own. */
const NAME = 'idle-kettle.local';
const ADDRESS = '127.0.0.2';

/** A kitchen on a home network, with browsers that trust its certificate and no other. */
export class HomeNetwork {
  private constructor(
    readonly server: KettleServer,
    private readonly browser: Browser,
    /** Where it is over https. */
    readonly address: string,
    /** The same by number, which every machine finds. */
    readonly byNumber: string,
    /** Where a phone learns to trust it. */
    readonly trust: string,
  ) {}

  static async open(): Promise<HomeNetwork> {
    const folder = mkdtempSync(join(tmpdir(), 'kettle-home-'));
    chmodSync(folder, 0o755);
    const { certFile, keyFile, authorityFile } = await certificateFor(folder, [NAME, ADDRESS]);
    const [port, trustPort] = [await freePort(), await freePort()];
    const server = await KettleServer.atHome({
      KETTLE_HOME_PORT: String(port),
      KETTLE_HOME_NAMES: `${NAME},${ADDRESS}`,
      KETTLE_HOME_CERT: certFile,
      KETTLE_HOME_KEY: keyFile,
      KETTLE_HOME_AUTHORITY: authorityFile,
      KETTLE_HOME_TRUST_PORT: String(trustPort),
    });
    const browser = await chromium.launch({
      ...CHROMIUM,
      args: [...CHROMIUM.args, `--host-resolver-rules=MAP ${NAME} ${ADDRESS}`],
      env: { ...process.env, HOME: homeThatTrusts(authorityFile) },
    });
    return new HomeNetwork(
      server,
      browser,
      `https://${NAME}:${port}`,
      `https://${ADDRESS}:${port}`,
      `http://${ADDRESS}:${trustPort}`,
    );
  }

  /** Somebody’s device; what its pages complain of is kept. */
  async device(viewport: { width: number; height: number }): Promise<Device> {
    const context = await this.browser.newContext({
      viewport,
      locale: 'en-US',
      timezoneId: 'UTC',
      serviceWorkers: 'allow',
    });
    const page = await context.newPage();
    const complaints: string[] = [];
    page.on('pageerror', ({ message }) => complaints.push(message));
    page.on('console', (said) => {
      if (said.type() === 'error') complaints.push(said.text());
    });
    return { page, context, complaints };
  }

  async close(): Promise<void> {
    await this.browser.close();
    await this.server.stop();
  }
}

export type Device = {
  readonly page: Page;
  readonly context: BrowserContext;
  readonly complaints: readonly string[];
};
