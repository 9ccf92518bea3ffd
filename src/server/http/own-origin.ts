import "server-only";

/** Whether a change comes from our own pages. A browser always says where from; who says nothing is refused. */
export function isOwnOrigin(request: Request): boolean {
  const origin = request.headers.get("origin");
  if (origin === null) return request.headers.get("sec-fetch-site") === "same-origin";
  if (process.env.ORIGIN) return origin === process.env.ORIGIN;
  return URL.canParse(origin) && new URL(origin).host === request.headers.get("host");
}
