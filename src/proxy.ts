import { NextResponse, type NextRequest } from "next/server";

/**
 * Before every page and route: a request id, the content-security policy with a fresh nonce, and the origin check on
 * whatever is not a plain read.
 */
export function proxy(request: NextRequest): NextResponse {
  const requestId = crypto.randomUUID();
  const { pathname } = request.nextUrl;
  if (!/^(GET|HEAD)$/.test(request.method) && !sameOrigin(request)) {
    return NextResponse.json(
      { error: { code: "foreign-origin", message: "This change came from another site and was refused.", where: null, requestId } },
      { status: 403 },
    );
  }
  const headers = new Headers(request.headers);
  headers.set("x-request-id", requestId);
  if (pathname.startsWith("/api/")) {
    const answer = NextResponse.next({ request: { headers } });
    answer.headers.set("x-request-id", requestId);
    answer.headers.set("cache-control", "private, no-store");
    answer.headers.set("x-content-type-options", "nosniff");
    return answer;
  }
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const policy = contentSecurityPolicy(nonce);
  headers.set("x-nonce", nonce);
  headers.set("content-security-policy", policy);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set("content-security-policy", policy);
  answer.headers.set("x-request-id", requestId);
  answer.headers.set("x-content-type-options", "nosniff");
  answer.headers.set("referrer-policy", "no-referrer");
  answer.headers.set("permissions-policy", "camera=(self), geolocation=(), microphone=()");
  return answer;
}

function sameOrigin(request: NextRequest): boolean {
  const origin = request.headers.get("origin");
  if (origin === null) return request.headers.get("sec-fetch-site") === "same-origin";
  if (process.env.ORIGIN) return origin === process.env.ORIGIN;
  return URL.canParse(origin) && new URL(origin).host === request.headers.get("host");
}

function contentSecurityPolicy(nonce: string): string {
  const development = process.env.NODE_ENV === "development";
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    // style elements need the nonce; style attributes carry positions that are computed
    `style-src-elem 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

export const config = { matcher: ["/((?!_next/static|_next/image|favicon|icon).*)"] };
