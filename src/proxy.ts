import { readFileSync } from 'node:fs';
import path from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';

const dev = process.env.NODE_ENV === 'development';
// The empty <style> that Emotion creates in the browser, and the one that switching light and dark adds.
const EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";
const SWITCH_STYLE = "'sha256-skqujXORqzxt1aE0NNXxujEanPTX6raoqSscTV/Ww/Y='";
type Hashes = Record<string, { script: string[]; style: string[] }>;
let cached: Hashes | undefined;

function hashes(): Hashes {
  if (dev) return {};
  return (cached ??= JSON.parse(
    readFileSync(path.join(process.cwd(), '.next/csp.json'), 'utf8'),
  ) as Hashes);
}

/** Sends each page the policy made of the hashes of its own inline scripts and styles. */
export function proxy(request: NextRequest): NextResponse {
  const own = hashes()[request.nextUrl.pathname] ??
    hashes()['/_not-found'] ?? { script: [], style: [] };
  const policy = [
    "default-src 'self'",
    dev
      ? "script-src 'self' 'unsafe-inline' 'unsafe-eval'"
      : `script-src 'self' ${own.script.join(' ')}`,
    dev
      ? "style-src 'self' 'unsafe-inline'"
      : `style-src 'self' ${EMPTY_STYLE} ${SWITCH_STYLE} ${own.style.join(' ')}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
    "frame-src 'none'",
  ].join('; ');
  const response = NextResponse.next();
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

export const config = {
  matcher: ['/((?!api/|_next/|sw.js|icon|schemas/|manifest.webmanifest|favicon.ico).*)'],
};
