import { saveAs } from 'file-saver';

/** Hands a text, or bytes, to the browser as a file. */
export function saveFile(text: string | Blob, name: string, type: string): void {
  saveAs(typeof text === 'string' ? new Blob([text], { type }) : text, name);
}
