import "server-only";

/** An answer that a browser saves as a JSON file. */
export function jsonFile(value: unknown, name: string): Response {
  return new Response(`${JSON.stringify(value, null, 2)}\n`, {
    headers: { "content-type": "application/json", "content-disposition": `attachment; filename="${name}"` },
  });
}
