import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ProblemError } from '../../data/api';
import { faultsOf } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Columns } from '../../ui/Columns';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { storeFormWords } from '../../words/storeForms';

interface Props {
  over: string;
  title: string;
  save: { error: Error | null; isPending: boolean };
  onSave: () => void;
  /** What the key that saves says. */
  says?: string;
  children: ReactNode;
}

/** The frame of a form in Stores: what the server would not take stands at the top; at the counter its parts stand beside each other. */
export function StoreForm({
  over,
  title,
  save,
  onSave,
  says = storeFormWords.storeForm.save,
  children,
}: Props) {
  const stale = save.error instanceof ProblemError && save.error.kind === 'version-conflict';
  return (
    <Page
      over={over}
      title={title}
      foot={
        <Buttons>
          <Button
            kind="plain"
            says={storeFormWords.storeForm.stores}
            label={storeFormWords.storeForm.backToStores}
            onPress={() => router.navigate('/stores')}
          />
          <Button grow says={says} onPress={onSave} busy={save.isPending} />
        </Buttons>
      }
    >
      {save.error ? (
        <Note kind="refusal" title={Object.values(faultsOf(save.error))[0] ?? save.error.message}>
          {stale ? storeFormWords.storeForm.openItAgainToSee : undefined}
        </Note>
      ) : null}
      <Columns>{children}</Columns>
    </Page>
  );
}
