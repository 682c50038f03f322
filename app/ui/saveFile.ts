/** Hands a file to the browser to be saved under a name. */
export function saveFile(name: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

export const saveText = (name: string, type: string, text: string): void => saveFile(name, new Blob([text], { type }));
