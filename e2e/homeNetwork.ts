import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { createHash, X509Certificate } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { certificateFor } from '../launcher/certificate.mjs';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { freePort, KettleServer } from './kettleServer.ts';

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
    const { publicKey } = new X509Certificate(readFileSync(certFile));
    const known = createHash('sha256')
      .update(publicKey.export({ type: 'spki', format: 'der' }))
      .digest('base64');
    const browser = await chromium.launch({
      ...CHROMIUM,
      args: [
        ...CHROMIUM.args,
        `--host-resolver-rules=MAP ${NAME} ${ADDRESS}`,
        // As a phone that has taken the certificate: this key is known, and no other.
        `--ignore-certificate-errors-spki-list=${known}`,
      ],
    });
    return new HomeNetwork(
      server,
      browser,
      `https://${NAME}:${port}`,
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
