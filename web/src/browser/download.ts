/** Gives a text to the browser to keep as a file. */
export function download(name: string, text: string): void {
  downloadBytes(name, new Blob([text], { type: 'application/json' }));
}

/** Gives what was made here to the browser to keep as a file. */
export function downloadBytes(name: string, bytes: Blob): void {
  const address = URL.createObjectURL(bytes);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
