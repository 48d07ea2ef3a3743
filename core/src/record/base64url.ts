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
