import { useRef, type ReactNode } from 'react';

/**
 * A file chosen on this device: the field, which stands on the page unseen, and what opens it.
 * @param accept name endings and media types, as HTML has them
 */
export function useFileChoice(
  label: string,
  accept: string,
  onFile: (file: File) => Promise<void>,
): { field: ReactNode; open: () => void } {
  const chooser = useRef<HTMLInputElement>(null);
  const field = (
    <input
      ref={chooser}
      type="file"
      accept={accept}
      aria-label={label}
      hidden
      onChange={({ target }) => {
        const [file] = Array.from(target.files ?? []);
        // The same file chosen again is a choice again.
        target.value = '';
        if (file) void onFile(file);
      }}
    />
  );
  return { field, open: () => chooser.current?.click() };
}
