import { languageFor, wordsIn, type Text } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
import escapeHtml from 'escape-html';
import { randomBytes, X509Certificate } from 'node:crypto';
import type { RequestListener } from 'node:http';

const CERTIFICATE_PATH = '/idle-kettle.crt';

type Trust = {
  /** The certificate of the authority that this kitchen made for itself, in PEM. */
  readonly authority: string;
  /** Where the kitchen is, once it is trusted. */
  readonly address: string;
};

/**
 * What a phone is shown before it trusts this kitchen, over plain http since it could read nothing
 * else yet: four steps, and the certificate that they are about. Nothing of a household is here.
 */
export function trustPages({ authority, address }: Trust): RequestListener {
  const certificate = new X509Certificate(authority);
  return (request, response) => {
    if (request.method !== 'GET' && request.method !== 'HEAD') {
      response.writeHead(405, { Allow: 'GET, HEAD' }).end();
      return;
    }
    if (request.url === CERTIFICATE_PATH) {
      response
        .writeHead(200, {
          'Content-Type': 'application/x-x509-ca-cert',
          'Content-Disposition': 'attachment; filename="idle-kettle.crt"',
        })
        .end(certificate.raw);
      return;
    }
    const nonce = randomBytes(16).toString('base64');
    response
      .writeHead(200, {
        'Content-Type': 'text/html; charset=utf-8',
        'Content-Security-Policy': `default-src 'none'; style-src 'nonce-${nonce}'; base-uri 'none'; frame-ancestors 'none'`,
        'X-Content-Type-Options': 'nosniff',
      })
      .end(page(request.headers['accept-language'], nonce, certificate.fingerprint256, address));
  };
}

const STYLE =
  'body{font:1.125rem/1.5 system-ui,sans-serif;max-width:36rem;margin:2rem auto;padding:0 1rem;color:#222;background:#fffdf8}li{margin:1rem 0}a{color:#7a1f3d;font-weight:600}code{overflow-wrap:anywhere}';

function page(
  wishes: string | undefined,
  nonce: string,
  fingerprint: string,
  address: string,
): string {
  const language = languageFor(wishes);
  const { textOf } = wordsIn(language);
  const put = (text: Text) => escapeHtml(textOf(text));
  const steps = [
    `<a href="${CERTIFICATE_PATH}">${put(message('trust.download'))}</a>`,
    put(message('trust.install')),
    put(message('trust.switchOn')),
    `${put(message('trust.open'))} <a href="${escapeHtml(address)}">${escapeHtml(address)}</a>`,
  ];
  return `<!doctype html>
<html lang="${language}"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${put(message('trust.title'))}</title><style nonce="${nonce}">${STYLE}</style>
<h1>${put(message('trust.title'))}</h1><p>${put(message('trust.why'))}</p>
<ol>${steps.map((step) => `<li>${step}</li>`).join('')}</ol>
<p>${put(message('trust.check'))}<br><code>${fingerprint}</code></p></html>`;
}
