import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { Note } from './Note';

interface Props {
  /** What was refused, anew each time. */
  of: Error;
  title: string;
  children?: ReactNode;
}

/** Why what was sent was not done. It comes into view: whoever pressed the key at the foot of a long page sees why nothing happened. */
export function Refusal({ of, title, children }: Props) {
  const said = useRef<View>(null);
  useEffect(() => {
    (said.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'center' });
  }, [of]);
  return (
    <View ref={said}>
      <Note kind="refusal" title={title}>
        {children}
      </Note>
    </View>
  );
}
