/** Hands a file to the browser to be saved under a name. */
export function saveFile(file: Blob, name: string): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The browser has taken the address by then.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
