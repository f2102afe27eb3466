import { usePathname } from 'expo-router';
import {
  createElement,
  lazy,
  Suspense,
  useState,
  type ComponentProps,
  type ComponentType,
} from 'react';
import { NoConnection } from '../data/api';
import { Loading } from '../ui/Standing';
import { Caught } from './Caught';
import { didNotCome } from './notCome';

/**
 * A screen whose code is fetched when it is first shown, so that the Bench comes up without it.
 * @param load imports the screen's module and picks the screen from it
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const made = () =>
    lazy(async () => {
      try {
        return { default: await load() };
      } catch (error) {
        didNotCome(() => {
          Screen = made();
        });
        // What loads it names the address it asked for, which says nothing to whoever waits for a page.
        throw (error as Error).name === 'AsyncRequireError' ? new NoConnection() : error;
      }
    });
  let Screen = made();
  return function Later(props: Props) {
    return (
      <Suspense fallback={<Loading />}>
        <Screen {...props} />
      </Suspense>
    );
  };
}

type Screens = Readonly<Record<string, ComponentType<any>>>;

/** Screens whose code comes together. @param load imports the module that has them all */
function together<All extends Screens>(load: () => Promise<All>) {
  let there: All | undefined;
  const fetch = async (): Promise<All> => {
    there = await load();
    return there;
  };
  /** One of them: at once where they were fetched, and when they are here where not. */
  function screen<Name extends keyof All>(name: Name) {
    type Props = ComponentProps<All[Name]> & object;
    const pick = (screens: All) => screens[name] as ComponentType<Props>;
    const Late = later<Props>(async () => pick(await fetch()));
    return function Together(props: Props) {
      // The one it began as: another in its place would begin anew, and lose what was written in it.
      const [Screen] = useState(() => there && pick(there));
      // Within the router: it forgets where one is when all that it shows is taken away.
      return <Caught at={usePathname()}>{createElement(Screen ?? Late, props)}</Caught>;
    };
  }
  return { fetch, screen };
}

/** What is worked with at the Bench. */
export const { fetch: fetchBehind, screen: behind } = together(() => import('./behind'));
/** Every other place. */
export const { screen: beyond } = together(() => import('./beyond'));
