import { useId, type Ref } from 'react';
import { StyleSheet, TextInput, View, type TextInputProps } from 'react-native';
import { color, font, size, space, type } from './tokens';
import { Words } from './Words';
import { Wrong } from './Wrong';

interface Props extends TextInputProps {
  label: string;
  error?: string | undefined;
  hint?: string;
  ref?: Ref<TextInput>;
}

/** A line to write on, with its name above and what is wrong with it below. */
export function Field({ label, error, hint, style, ...input }: Props) {
  const id = useId();
  return (
    <View style={styles.field}>
      <Words kind="label" nativeID={`${id}-label`}>
        {label}
      </Words>
      <TextInput
        {...input}
        aria-labelledby={`${id}-label`}
        aria-describedby={error ? `${id}-error` : undefined}
        aria-invalid={Boolean(error)}
        placeholderTextColor={color.soft}
        style={[styles.input, error && styles.wrong, style]}
      />
      {error ? (
        <Wrong says={error} nativeID={`${id}-error`} />
      ) : hint ? (
        <Words kind="small">{hint}</Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.xs },
  input: {
    minHeight: size.touch,
    paddingHorizontal: space.m,
    borderWidth: size.line,
    borderColor: color.hairline,
    borderRadius: size.radius,
    backgroundColor: color.raised,
    color: color.ink,
    fontFamily: font.text,
    fontSize: type.large,
  },
  wrong: { borderColor: color.rust, borderWidth: size.line * 2 },
});
