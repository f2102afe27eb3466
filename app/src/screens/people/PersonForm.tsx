import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ProblemError } from '../../data/api';
import { faultsOf } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { peopleWords } from '../../words/people';
import { storeFormWords } from '../../words/storeForms';

interface Props {
  title: string;
  save: { error: Error | null; isPending: boolean };
  onSave: () => void;
  says: string;
  children: ReactNode;
}

/** The frame of a form about somebody: what the server would not take stands at the top. */
export function PersonForm({ title, save, onSave, says, children }: Props) {
  const stale = save.error instanceof ProblemError && save.error.kind === 'version-conflict';
  return (
    <Page
      over={peopleWords.ofTheShop}
      title={title}
      foot={
        <Buttons>
          <Button kind="plain" says={peopleWords.back} onPress={() => router.navigate('/people')} />
          <Button grow says={says} onPress={onSave} busy={save.isPending} />
        </Buttons>
      }
    >
      {save.error ? (
        <Note kind="refusal" title={Object.values(faultsOf(save.error))[0] ?? save.error.message}>
          {stale ? storeFormWords.storeForm.openItAgainToSee : undefined}
        </Note>
      ) : null}
      {children}
    </Page>
  );
}
