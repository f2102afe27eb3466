/** Gives a file to whoever asked for it, as their browser saves files. */
export function saveFile(name: string, type: string, content: string | Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([content], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
