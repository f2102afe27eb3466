import { lazy, Suspense, type ComponentType } from 'react';
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
