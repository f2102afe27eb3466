/** What a press does, but for the second of a double one: nobody has done the next thing by then. A browser counts them in `detail`. */
export const pressedOnce =
  (act: () => void) =>
  (press?: { nativeEvent?: object }): void => {
    const { detail } = (press?.nativeEvent ?? {}) as { detail?: number };
    if (!(detail! > 1)) act();
  };
