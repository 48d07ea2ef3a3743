/** Bytes as text: base64url without padding (RFC 4648, section 5). */

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';

/** @param text letters of the alphabet only */
export function bytesOf(text: string): Uint8Array {
  const bytes: number[] = [];
  let bits = 0;
  let held = 0;
  for (const letter of text) {
    held = ((held << 6) | ALPHABET.indexOf(letter)) & 0xffff;
    bits += 6;
    if (bits >= 8) {
      bits -= 8;
      bytes.push((held >> bits) & 0xff);
    }
  }
  return Uint8Array.from(bytes);
}

/** The same the other way. */
export function textOfBytes(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 3) {
    const [a = 0, b = 0, c = 0] = bytes.subarray(i, i + 3);
    const word = (a << 16) | (b << 8) | c;
    const letters = [18, 12, 6, 0].map((shift) => ALPHABET[(word >> shift) & 63] ?? '').join('');
    text += letters.slice(0, Math.min(4, bytes.length - i + 1));
  }
  return text;
}
