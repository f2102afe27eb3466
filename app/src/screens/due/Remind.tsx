import type { DueRow } from '@hold-fast/contract/due';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { useSendMessage } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { calendarDay } from '../../words/days';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';

/** A reminder to a customer, read and changed before it is sent. */
export function Remind({ due, onDone }: { due: DueRow; onDone: () => void }) {
  const { bikeId, bikeName, customerName, phone, of, end, on } = due;
  const [text, setText] = useState(() =>
    dueWords.reminder(customerName, bikeName, dueWords.of[of], words.end[end], calendarDay(on)),
  );
  const send = useSendMessage();
  return (
    <Section label={dueWords.message}>
      <Words kind="small">{phone}</Words>
      <Field
        label={dueWords.message}
        value={text}
        onChangeText={setText}
        multiline
        style={styles.message}
        error={send.error?.message}
      />
      <Buttons>
        <Button kind="plain" says={dueWords.leaveIt} onPress={onDone} />
        <Button
          grow
          says={dueWords.send}
          busy={send.isPending}
          disabled={text.trim() === ''}
          onPress={() => send.mutate({ bikeId, about: 'due', words: text }, { onSuccess: onDone })}
        />
      </Buttons>
    </Section>
  );
}

const styles = StyleSheet.create({ message: { minHeight: 3 * size.touch } });
