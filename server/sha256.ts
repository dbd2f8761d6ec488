import { hash } from 'node:crypto';

/** SHA-256 of bytes, or of a text's UTF-8 bytes, in lower-case hex. */
export function sha256(content: string | Buffer): string {
  return hash('sha256', content, 'hex');
}
