import "server-only";
import { disposition } from "./disposition";

const file = (text: string, type: string, name: string): Response =>
  new Response(text, { headers: { "content-type": type, "content-disposition": disposition(name) } });

/** An answer that a browser saves as a JSON file. */
export const jsonFile = (value: unknown, name: string): Response =>
  file(`${JSON.stringify(value, null, 2)}\n`, "application/json", name);

/** An answer that a browser saves as GeoJSON (RFC 7946). */
export const geoJsonFile = (value: unknown, name: string): Response =>
  file(`${JSON.stringify(value, null, 1)}\n`, "application/geo+json", name);

/** An answer that a browser saves as a CSV file; the mark in front tells a spreadsheet that it is UTF-8. */
export const csvFile = (text: string, name: string): Response => file(`\uFEFF${text}`, "text/csv; charset=utf-8", name);

/** A published JSON document. */
export const jsonAnswer = (value: unknown, type = "application/json"): Response =>
  new Response(`${JSON.stringify(value, null, 2)}\n`, { headers: { "content-type": type } });

/** A published JSON Schema. */
export const schemaAnswer = (schema: unknown): Response => jsonAnswer(schema, "application/schema+json");
