import { router, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { ProblemError } from '../data/api';
import { faultsOf } from '../data/writes';
import { Button, Buttons } from '../ui/Button';
import { Page } from '../ui/Page';
import { Refusal } from '../ui/Refusal';
import { storeFormWords } from '../words/storeForms';

interface Props {
  over: string;
  title: string;
  /** The way out without saving. */
  back: { says: string; to: Href };
  save: { error: Error | null; isPending: boolean };
  /** What people call a field that was not taken. */
  nameOf?: (field: string) => string | undefined;
  onSave: () => void;
  /** What the key that saves says. */
  says: string;
  children: ReactNode;
}

/** A page that is a form: what the server would not take stands at its top, the ways out at its foot. */
export function FormPage({ over, title, back, save, nameOf, onSave, says, children }: Props) {
  return (
    <Page
      over={over}
      title={title}
      foot={
        <Buttons>
          <Button kind="plain" says={back.says} onPress={() => router.navigate(back.to)} />
          <Button grow says={says} onPress={onSave} busy={save.isPending} />
        </Buttons>
      }
    >
      <NotTaken error={save.error} nameOf={nameOf} />
      {children}
    </Page>
  );
}

/** Why what was sent was not taken, if it was not; of what somebody else changed meanwhile, how to see it. */
export function NotTaken({ error, nameOf }: { error: Error | null; nameOf?: Props['nameOf'] }) {
  if (!error) return null;
  const [[field, why] = ['', error.message]] = Object.entries(faultsOf(error));
  const name = nameOf?.(field);
  const stale = error instanceof ProblemError && error.kind === 'version-conflict';
  return (
    <Refusal of={error} title={name ?? why}>
      {stale ? storeFormWords.storeForm.openItAgainToSee : name && why}
    </Refusal>
  );
}
