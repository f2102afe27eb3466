import { useEffect, useId, type Ref } from 'react';
import { StyleSheet, TextInput, View, type TextInputProps } from 'react-native';
import { color, font, size, space, type } from './tokens';
import { Words } from './Words';

interface Props extends TextInputProps {
  label: string;
  error?: string | undefined;
  hint?: string;
  ref?: Ref<TextInput>;
}

/** A line to write on, with its name above and what is wrong with it below. */
export function Field({ label, error, hint, style, ...input }: Props) {
  const id = useId();
  useEffect(() => {
    // The focus came before this was said: below a field at the end of a page there was no room for it yet.
    const focused = globalThis.document?.activeElement;
    if (error && focused?.getAttribute('aria-describedby') === `${id}-error`)
      focused.scrollIntoView({ block: 'nearest' });
  }, [error, id]);
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
        <Words kind="small" ink="rustText" role="alert" nativeID={`${id}-error`}>
          {error}
        </Words>
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
