import { usePathname } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import type { Text, TextProps } from 'react-native';
import { Words } from './Words';
import { words } from '../words/words';

interface Props extends Pick<TextProps, 'numberOfLines' | 'style'> {
  /** What stands above the name. */
  over?: string | undefined;
  children: string;
}

/** The address at which a name took the focus last. */
let arrivedAt: string | null = null;

/**
 * The name of a screen, which is the title of the page too. It takes the focus when it comes up at another address, or
 * where nothing has it, so that who does not see it hears where they are; a field that took it already keeps it.
 */
export function ScreenName({ over, children, ...rest }: Props) {
  const heading = useRef<Text>(null);
  // Where it came up, by the router: the browser says so only after the first frame.
  const [here] = useState(usePathname());
  useEffect(() => {
    if (typeof document === 'undefined') return;
    const at = document.activeElement;
    if (at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement) return;
    if (arrivedAt === here && at !== null && at !== document.body) return;
    arrivedAt = here;
    (heading.current as unknown as HTMLElement | null)?.focus({ preventScroll: true });
  }, [here]);
  useEffect(() => {
    if (typeof document === 'undefined') return;
    document.title = [children, over, words.screenName.holdFast].filter(Boolean).join(' · ');
  }, [children, over]);
  return (
    <Words {...rest} kind="head" level={1} ref={heading}>
      {children}
    </Words>
  );
}
