/** With its first letter in capitals; nothing stays nothing. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
