import { NextResponse, type NextRequest } from "next/server";
import { isOwnHost } from "@/server/http/own-host";

/** The two states (empty, filled) of the one style element that react-zoom-pan-pinch writes, by their hashes. */
const zoomStyles =
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU=' 'sha256-/aQdAPrD+kc0v7HnGQTuKBtoP6ZN+lnzOGVJ1Qt6dfw='";

/** Before every page: a request id, and the content-security policy with a fresh nonce. Routes do their own part in `handle`. */
export function proxy(request: NextRequest): NextResponse {
  if (!isOwnHost(request.headers.get("host"))) return new NextResponse(null, { status: 421 });
  const requestId = crypto.randomUUID();
  const headers = new Headers(request.headers);
  headers.set("x-request-id", requestId);
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const policy = contentSecurityPolicy(nonce);
  headers.set("x-nonce", nonce);
  headers.set("content-security-policy", policy);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set("content-security-policy", policy);
  answer.headers.set("x-request-id", requestId);
  answer.headers.set("x-content-type-options", "nosniff");
  answer.headers.set("referrer-policy", "no-referrer");
  answer.headers.set("permissions-policy", "camera=(self), geolocation=(self), microphone=()");
  return answer;
}

function contentSecurityPolicy(nonce: string): string {
  const development = process.env.NODE_ENV === "development";
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    // style elements need the nonce; style attributes carry positions that are computed
    `style-src-elem 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}' ${zoomStyles}`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

export const config = { matcher: ["/((?!api/|serwist/|_next/static|_next/image|favicon|icon|manifest).*)"] };
