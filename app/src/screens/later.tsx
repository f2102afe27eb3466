import {
  createElement,
  lazy,
  Suspense,
  useState,
  type ComponentProps,
  type ComponentType,
} from 'react';
import { Loading } from '../ui/Standing';

/**
 * A screen whose code is fetched when it is first shown, so that the Bench comes up without it.
 * @param load imports the screen's module and picks the screen from it
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const Screen = lazy(async () => ({ default: await load() }));
  return function Later(props: Props) {
    return (
      <Suspense fallback={<Loading />}>
        <Screen {...props} />
      </Suspense>
    );
  };
}

type Behind = typeof import('./behind');
let there: Behind | undefined;

/** Fetches what stands behind the Bench. */
export async function fetchBehind(): Promise<Behind> {
  there = await import('./behind');
  return there;
}

/** A screen that stands behind the Bench: at once where that was fetched, and when it is here where not. */
export function behind<Name extends keyof Behind>(name: Name) {
  type Props = ComponentProps<Behind[Name]> & object;
  const pick = (screens: Behind) => screens[name] as ComponentType<Props>;
  const Late = later<Props>(async () => pick(await fetchBehind()));
  return function FromBehind(props: Props) {
    // The one it began as: another in its place would begin anew, and lose what was written in it.
    const [Screen] = useState(() => there && pick(there));
    return createElement(Screen ?? Late, props);
  };
}
