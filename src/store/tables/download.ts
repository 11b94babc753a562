/** Hands a file to the rider. */
export function downloadFile(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  Object.assign(document.createElement('a'), { href: url, download: name }).click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
