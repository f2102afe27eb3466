import { router, type Href } from 'expo-router';
import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { ProblemError } from '../data/api';
import { faultsOf } from '../data/writes';
import { Button, Buttons } from '../ui/Button';
import { Note } from '../ui/Note';
import { Page } from '../ui/Page';
import { storeFormWords } from '../words/storeForms';

interface Props {
  over: string;
  title: string;
  /** The way out without saving. */
  back: { says: string; label?: string; to: Href };
  save: { error: Error | null; isPending: boolean };
  onSave: () => void;
  /** What the key that saves says. */
  says: string;
  children: ReactNode;
}

/** A page that is a form: what the server would not take stands at its top, the ways out at its foot. */
export function FormPage({ over, title, back, save, onSave, says, children }: Props) {
  const { to, ...way } = back;
  return (
    <Page
      over={over}
      title={title}
      foot={
        <Buttons>
          <Button kind="plain" {...way} onPress={() => router.navigate(to)} />
          <Button grow says={says} onPress={onSave} busy={save.isPending} />
        </Buttons>
      }
    >
      <NotTaken error={save.error} />
      {children}
    </Page>
  );
}

/**
 * Why what was sent was not taken, if it was not; of what somebody else changed meanwhile, how to see it. It comes into view: whoever
 * pressed the key at the foot of a long form sees why nothing happened.
 */
export function NotTaken({ error }: { error: Error | null }) {
  const said = useRef<View>(null);
  useEffect(() => {
    (said.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'center' });
  }, [error]);
  if (!error) return null;
  const stale = error instanceof ProblemError && error.kind === 'version-conflict';
  return (
    <View ref={said}>
      <Note kind="refusal" title={Object.values(faultsOf(error))[0] ?? error.message}>
        {stale ? storeFormWords.storeForm.openItAgainToSee : undefined}
      </Note>
    </View>
  );
}
