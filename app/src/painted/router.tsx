import { cloneElement, type ReactElement } from 'react';

// What stands in for the router where the first page is painted: one address, links that are links, and nowhere to go yet.

export const usePathname = () => '/bench';

export const Link = ({
  href,
  children,
}: {
  href: string;
  asChild?: boolean;
  children: ReactElement<{ href?: string }>;
}) => cloneElement(children, { href });

export const router = { navigate: () => undefined };
