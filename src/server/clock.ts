import "server-only";

/** Now, as an instant. `BRINECOVE_NOW` fixes it for demo, tests and pictures. */
export function now(): string {
  const fixed = process.env.BRINECOVE_NOW;
  return fixed ? new Date(fixed).toISOString() : new Date().toISOString();
}
