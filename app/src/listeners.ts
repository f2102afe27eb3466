/** Who is to be told when something changed: the one such list of the app, in the shape React subscribes by. */
export class Listeners {
  readonly #all = new Set<() => void>();

  /** Adds one; answers with how to take it off again. */
  readonly add = (listener: () => void): (() => void) => {
    this.#all.add(listener);
    return () => this.#all.delete(listener);
  };

  /** Tells everyone. */
  readonly tell = (): void => {
    for (const listener of this.#all) listener();
  };
}
