/** Hands a text, or bytes, to the browser as a file. */
export function saveFile(text: string | Blob, name: string, type: string): void {
  const url = URL.createObjectURL(typeof text === 'string' ? new Blob([text], { type }) : text);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
