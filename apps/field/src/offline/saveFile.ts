/** Hands a text or bytes to the person as a file of their own. */
export function saveFile(name: string, type: string, text: string | Uint8Array<ArrayBuffer>): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
