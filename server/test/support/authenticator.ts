/** A device with passkeys, in software: what a browser and its authenticator would answer (WebAuthn level 2, sections 6 and 7). */
import { createHash, generateKeyPairSync, randomBytes, sign, type KeyObject } from 'node:crypto';

const sha256 = (data: Buffer | string): Buffer => createHash('sha256').update(data).digest();
const text = (value: string): Buffer =>
  Buffer.concat([Buffer.from([0x60 + value.length]), Buffer.from(value)]);
const bytes = (value: Buffer): Buffer =>
  Buffer.concat([
    value.length < 256
      ? Buffer.from([0x58, value.length])
      : Buffer.from([0x59, value.length >> 8, value.length & 255]),
    value,
  ]);

const [PRESENT, VERIFIED, WITH_KEY] = [0x01, 0x04, 0x40];

export interface Odd {
  /** What it says to have been asked under. */
  readonly origin?: string;
  readonly host?: string;
  readonly challenge?: string;
  /** Whoever holds it did not show a finger or type its number. */
  readonly unverified?: boolean;
  readonly counter?: number;
}

export class Authenticator {
  readonly id = randomBytes(32);
  private readonly keys: { publicKey: KeyObject; privateKey: KeyObject } = generateKeyPairSync('ec', {
    namedCurve: 'P-256',
  });
  private counter = 0;

  constructor(
    private readonly origin: string,
    private readonly host: string,
  ) {}

  private data(flags: number, { host = this.host, unverified = false, counter }: Odd): Buffer {
    this.counter = counter ?? this.counter + 1;
    const count = Buffer.alloc(4);
    count.writeUInt32BE(this.counter);
    return Buffer.concat([sha256(host), Buffer.from([flags | PRESENT | (unverified ? 0 : VERIFIED)]), count]);
  }
  private client(type: 'create' | 'get', challenge: string, odd: Odd): Buffer {
    const { origin = this.origin } = odd;
    return Buffer.from(
      JSON.stringify({
        ...{ type: `webauthn.${type}`, challenge: odd.challenge ?? challenge, origin },
        crossOrigin: false,
      }),
    );
  }
  private said(response: object): object {
    const id = this.id.toString('base64url');
    return { id, rawId: id, type: 'public-key', clientExtensionResults: {}, response };
  }

  /** A key is made. */
  make({ challenge }: { readonly challenge: string }, odd: Odd = {}): object {
    const { x, y } = this.keys.publicKey.export({ format: 'jwk' });
    const [px, py] = [x, y].map((v) => Buffer.from(v ?? '', 'base64url'));
    // COSE: an EC2 key, ES256, P-256.
    const cose = Buffer.concat([
      Buffer.from([0xa5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21]),
      bytes(px ?? Buffer.alloc(0)),
      Buffer.from([0x22]),
      bytes(py ?? Buffer.alloc(0)),
    ]);
    const length = Buffer.from([0, this.id.length]);
    const data = Buffer.concat([this.data(WITH_KEY, odd), Buffer.alloc(16), length, this.id, cose]);
    const attestation = Buffer.concat([
      ...[Buffer.from([0xa3]), text('fmt'), text('none'), text('attStmt'), Buffer.from([0xa0])],
      ...[text('authData'), bytes(data)],
    ]);
    return this.said({
      clientDataJSON: this.client('create', challenge, odd).toString('base64url'),
      attestationObject: attestation.toString('base64url'),
      transports: ['internal'],
    });
  }

  /** A key is shown. @param signer another device's, for what is forged */
  show({ challenge }: { readonly challenge: string }, odd: Odd = {}, signer: Authenticator = this): object {
    const data = this.data(0, odd);
    const client = this.client('get', challenge, odd);
    const signature = sign('sha256', Buffer.concat([data, sha256(client)]), signer.keys.privateKey);
    return this.said({
      clientDataJSON: client.toString('base64url'),
      authenticatorData: data.toString('base64url'),
      signature: signature.toString('base64url'),
    });
  }
}
