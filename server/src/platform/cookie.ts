import type { Request, Response } from 'express';

// A browser keeps cookies by a machine's name, whatever the port: by one name, two shops on one machine would sign each other's people out.

/** By the port that the browser knows the shop at; without one where it is the usual. */
function nameAt(request: Request, name: string): string {
  const [, port] = /:(\d{1,5})$/.exec(request.headers.host ?? '') ?? [];
  return port ? `${name}_${port}` : name;
}

/** A cookie of a request, as this shop set it; null where it brings none of that name. */
export function cookieOf(request: Request, name: string): string | null {
  const found = request.headers.cookie
    ?.split(';')
    .map((pair) => pair.trim().split('='))
    .find(([each]) => each === nameAt(request, name));
  return found?.[1] ?? null;
}

/** Has a device keep a token that no script reads and no other site sends. */
export function setCookie(response: Response, name: string, token: string, lastsMs: number): void {
  const { req: request } = response;
  response.cookie(nameAt(request, name), token, {
    httpOnly: true,
    secure: request.secure,
    sameSite: 'lax',
    path: '/',
    maxAge: lastsMs,
  });
}

export function clearCookie(response: Response, name: string): void {
  response.clearCookie(nameAt(response.req, name), { httpOnly: true, sameSite: 'lax', path: '/' });
}
