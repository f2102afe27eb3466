/** The same answer about the same thing, worked out once: what nobody changes in place is asked about again and again. */
export function once<A extends object, T>(of: (about: A) => T): (about: A) => T {
  const known = new WeakMap<A, { answer: T }>();
  return (about) => {
    const answered = known.get(about) ?? { answer: of(about) };
    known.set(about, answered);
    return answered.answer;
  };
}
