import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import { cose, isoCBOR } from '@simplewebauthn/server/helpers';
import { createHash, generateKeyPairSync, randomBytes, sign } from 'node:crypto';

const base64url = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64url');
const sha256 = (bytes: string | Uint8Array): Buffer => createHash('sha256').update(bytes).digest();

/** Flags of authenticator data (Web Authentication level 3, 6.1). */
const USER_PRESENT = 0x01;
const USER_VERIFIED = 0x04;
const HAS_KEY = 0x40;

type How = {
  readonly origin: string;
  /** Another name than that of the options, as a page of another site has. */
  readonly name?: string;
  /** Whether a finger or a code was asked for. */
  readonly verified?: boolean;
  readonly userHandle?: string;
};

/** What a phone does behind a finger, in software: one key, made by ES256 and counted. */
export class Authenticator {
  private readonly key = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  private readonly id = randomBytes(16);
  private userHandle = '';
  private count = 0;

  /** Makes a passkey, without saying what made it. */
  make(options: PublicKeyCredentialCreationOptionsJSON, how: How) {
    this.userHandle = options.user.id;
    const { x = '', y = '' } = this.key.publicKey.export({ format: 'jwk' });
    const key = new Map<number, number | Uint8Array>([
      [cose.COSEKEYS.kty, cose.COSEKTY.EC2],
      [cose.COSEKEYS.alg, cose.COSEALG.ES256],
      [cose.COSEKEYS.crv, cose.COSECRV.P256],
      [cose.COSEKEYS.x, new Uint8Array(Buffer.from(x, 'base64url'))],
      [cose.COSEKEYS.y, new Uint8Array(Buffer.from(y, 'base64url'))],
    ]);
    const length = Buffer.alloc(2);
    length.writeUInt16BE(this.id.length);
    const authData = Buffer.concat([
      this.data(how.name ?? options.rp.id ?? '', how.verified ?? true, HAS_KEY),
      Buffer.alloc(16),
      length,
      this.id,
      isoCBOR.encode(key),
    ]);
    const attestation = new Map<string, unknown>([
      ['fmt', 'none'],
      ['attStmt', new Map()],
      ['authData', new Uint8Array(authData)],
    ]);
    return {
      ...this.credential(),
      response: {
        clientDataJSON: this.client('webauthn.create', options.challenge, how.origin),
        attestationObject: base64url(isoCBOR.encode(attestation as never)),
      },
    };
  }

  /** Signs a challenge. */
  answer(options: PublicKeyCredentialRequestOptionsJSON, how: How) {
    this.count += 1;
    const clientDataJSON = this.client('webauthn.get', options.challenge, how.origin);
    const data = this.data(how.name ?? options.rpId ?? '', how.verified ?? true, 0);
    const signed = Buffer.concat([data, sha256(Buffer.from(clientDataJSON, 'base64url'))]);
    return {
      ...this.credential(),
      response: {
        clientDataJSON,
        authenticatorData: base64url(data),
        signature: base64url(sign('sha256', signed, this.key.privateKey)),
        userHandle: how.userHandle ?? this.userHandle,
      },
    };
  }

  /** As a copy of it would be that was made before it was last used. */
  forgetUse(): void {
    this.count -= 1;
  }

  private credential() {
    const id = base64url(this.id);
    return { id, rawId: id, type: 'public-key', clientExtensionResults: {} };
  }

  private client(type: string, challenge: string, origin: string): string {
    return base64url(Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false })));
  }

  private data(name: string, verified: boolean, more: number): Buffer {
    const count = Buffer.alloc(4);
    count.writeUInt32BE(this.count);
    const flags = USER_PRESENT | (verified ? USER_VERIFIED : 0) | more;
    return Buffer.concat([sha256(name), Buffer.from([flags]), count]);
  }
}
