import "server-only";

/** Whether a change comes from our own pages. A browser always says where from; who says nothing is refused. */
export function isOwnOrigin(request: Request): boolean {
  const origin = request.headers.get("origin");
  if (origin === null) return request.headers.get("sec-fetch-site") === "same-origin";
  const { ORIGIN } = process.env;
  if (ORIGIN) return origin === new URL(ORIGIN).origin;
  return URL.canParse(origin) && new URL(origin).host === request.headers.get("host");
}
