/** Hands a file to the person to keep; `href` is a data or object URL. */
export function saveAs(name: string, href: string) {
  const link = document.createElement('a');
  link.href = href;
  link.download = name;
  link.click();
}

/** Hands a file held in memory to the person. */
export function saveBlob(name: string, blob: Blob) {
  const href = URL.createObjectURL(blob);
  saveAs(name, href);
  URL.revokeObjectURL(href);
}

/** Hands a text to the person as a file of its type. */
export function saveText(name: string, type: string, text: string) {
  saveBlob(name, new Blob([text], { type }));
}
