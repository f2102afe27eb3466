import { useEffect, useRef } from 'react';
import type { Text } from 'react-native';
import { Words } from './Words';

/** What is wrong with an answer, or missing, in a line beside it; said of what somebody is typing, it comes into sight. */
export function Wrong({ says, nativeID }: { says: string | undefined; nativeID?: string }) {
  const said = useRef<Text>(null);
  useEffect(() => {
    const line = said.current as unknown as HTMLElement | null;
    const focused = globalThis.document?.activeElement;
    if (focused?.matches('input,textarea') && line?.parentElement?.contains(focused))
      line.scrollIntoView({ block: 'nearest' });
  }, [says]);
  return (
    <Words kind="small" ink="rustText" role="alert" ref={said} nativeID={nativeID}>
      {says}
    </Words>
  );
}
