/**
 * Stands in for the schema library in the browser: schemas are checked there by validators compiled at build time, so
 * the library and what it builds would be carried for nothing (docs/decisions/0004-schemas-in-the-browser.md).
 */
export const Type = new Proxy({} as Record<string, () => object>, { get: () => () => ({}) });
