export default async function stopDatabase(): Promise<void> {
  await (globalThis as { mariadb?: { stop(): Promise<void> } }).mariadb?.stop();
}
