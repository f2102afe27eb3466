declare module 'sucrase/dist/register' {
  import type { Options } from 'sucrase';

  /** Compiles what is required with this extension, and leaves each line where it was. */
  export function addHook(extension: string, options: Options): void;
}
