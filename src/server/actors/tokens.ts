import { createHash, randomBytes } from 'node:crypto';
import { parseCookie } from 'cookie';
import type { CookieOptions, Request } from 'express';

/** 256 bits from the machine’s own source: not to be guessed. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** Tokens are kept as their SHA-256: who reads the database cannot sign in by it. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

export const teacherCookie = 'tawny-teacher';
/** Its path is that of one station: a tablet that serves two has one for each, and neither is sent for the other. */
export const stationCookie = 'tawny-station';

/** No script reads it, no other site sends it; over TLS it never goes in the clear. */
export const cookieOptions = (request: Request, path: string): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: request.secure,
  path,
});

/** The tokens a request carries. */
export function tokensIn(request: Request): { teacher?: string; station?: string } {
  const { [teacherCookie]: teacher, [stationCookie]: station } = parseCookie(request.headers.cookie ?? '');
  return { ...(teacher && { teacher }), ...(station && { station }) };
}
