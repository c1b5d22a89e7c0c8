/** Hands a text to the browser as a file to save. @param type its media type. */
export const saveText = (name: string, text: string, type = 'application/json'): void =>
  saveBlob(name, new Blob([text], { type }));

/** The same of anything. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
