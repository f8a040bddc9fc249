import 'reflect-metadata';
import * as x509 from '@peculiar/x509';
import { chownSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { webcrypto, X509Certificate } from 'node:crypto';
import { writeText } from './files.mjs';
import { databaseUser } from './state.mjs';

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Phones take no certificate that is good for longer (CA/Browser Forum, ballot SC31). */
const SERVER_DAYS = 397;
/** It is made anew while it is still good for so long. */
const RENEWED_DAYS = 30;

const crypto = /** @type {Crypto} */ (webcrypto);
x509.cryptoProvider.set(crypto);

/**
 * The certificate of this kitchen for its names on the network, signed by an authority of its own,
 * which is made once and kept. It is made anew when a name is new or it is nearly over; phones that
 * trust the authority notice nothing.
 * @param {string} folder of the state
 * @param {readonly string[]} names and addresses
 */
export async function certificateFor(folder, names) {
  const home = join(folder, 'home');
  mkdirSync(home, { recursive: true, mode: 0o700 });
  ownByServer(home);
  const file = (/** @type {string} */ name) => join(home, name);
  const [authorityFile, authorityKeyFile] = [file('authority.crt'), file('authority.key')];
  const [certFile, keyFile] = [file('server.crt'), file('server.key')];
  if (!existsSync(authorityFile) || !existsSync(authorityKeyFile)) {
    const made = await makeAuthority();
    // The server has no use for the authority’s key, and does not read it.
    keep(authorityKeyFile, made.key, false);
    keep(authorityFile, made.certificate);
  }
  const authority = readFileSync(authorityFile, 'utf8');
  if (!isGoodFor(certFile, keyFile, names, authority)) {
    const made = await makeServer(authority, readFileSync(authorityKeyFile, 'utf8'), names);
    keep(keyFile, made.key);
    keep(certFile, made.certificate);
  }
  const { fingerprint256 } = new X509Certificate(authority);
  return { certFile, keyFile, authorityFile, fingerprint: fingerprint256 };
}

/** Nobody else reads a key. @param {string} path @param {string} text @param {boolean} [isServers] */
function keep(path, text, isServers = true) {
  writeText(path, text, { mode: 0o600 });
  if (isServers) ownByServer(path);
}

/** What the server reads is its own. @param {string} path */
function ownByServer(path) {
  const user = databaseUser();
  if (user !== undefined) chownSync(path, user.uid, user.gid);
}

/**
 * @param {string} certFile @param {string} keyFile @param {readonly string[]} names
 * @param {string} authority
 */
function isGoodFor(certFile, keyFile, names, authority) {
  if (!existsSync(certFile) || !existsSync(keyFile)) return false;
  const certificate = new X509Certificate(readFileSync(certFile));
  return (
    certificate.verify(new X509Certificate(authority).publicKey) &&
    Date.parse(certificate.validTo) > Date.now() + RENEWED_DAYS * DAY_MS &&
    names.every((name) =>
      isIP(name) === 0 ? certificate.checkHost(name) : certificate.checkIP(name),
    )
  );
}

/** From now on for some days; clocks that are a day behind take it too. @param {number} days */
const goodFor = (days) => ({
  notBefore: new Date(Date.now() - DAY_MS),
  notAfter: new Date(Date.now() + (days - 1) * DAY_MS),
});

const newKeys = () =>
  /** @type {Promise<CryptoKeyPair>} */ (
    crypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify'])
  );

/** A positive number, as RFC 5280, 4.1.2.2 asks for. */
const serial = () => `4${Buffer.from(crypto.getRandomValues(new Uint8Array(15))).toString('hex')}0`;

/** @param {CryptoKey} key */
async function pemOf(key) {
  return x509.PemConverter.encode(await crypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

/** An authority that signs for this kitchen alone: it can sign for no authority below it. */
async function makeAuthority() {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: 'CN=Idle Kettle at home',
    ...goodFor(AUTHORITY_DAYS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}

/** @param {string} authority @param {string} authorityKey @param {readonly string[]} names */
async function makeServer(authority, authorityKey, names) {
  const issuer = new x509.X509Certificate(authority);
  const signingKey = await crypto.subtle.importKey(
    'pkcs8',
    /** @type {ArrayBuffer} */ (x509.PemConverter.decodeFirst(authorityKey)),
    ALGORITHM,
    false,
    ['sign'],
  );
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: `CN=${names[0] ?? ''}`,
    issuer: issuer.subject,
    ...goodFor(SERVER_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({
          type: /** @type {'dns' | 'ip'} */ (isIP(value) === 0 ? 'dns' : 'ip'),
          value,
        })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}
