import { type TObject, type TSchema, Type } from "@sinclair/typebox";
import type { Caller } from "./callers";
import { isBytes, isMedia, type AnyEndpoint } from "./endpoint";
import { commonErrors, errors, type ErrorCode } from "./errors";
import { endpoints } from "./index";
import { permissions } from "./permissions";
import { ErrorBody } from "./schemas/error";

const security: Readonly<Record<Exclude<Caller["kind"], "anyone">, string>> = {
  staff: "desk",
  charter: "boatBook",
  device: "device",
  program: "program",
};

/** The description of every address of the app in OpenAPI 3.1, made from the endpoints themselves. */
export function openApi(): Record<string, unknown> {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const { group, endpoint } of endpoints) {
    const path = (paths[endpoint.path] ??= {});
    path[endpoint.method.toLowerCase()] = operationOf(group, endpoint);
  }
  return {
    openapi: "3.1.0",
    info: {
      title: "Brinecove",
      version: "1",
      description: "Handing over charter yachts: what the app's own pages and devices ask of a base.",
    },
    jsonSchemaDialect: "https://json-schema.org/draft/2020-12/schema",
    paths,
    components: {
      schemas: { Error: ErrorBody },
      securitySchemes: {
        desk: { type: "apiKey", in: "cookie", name: "brinecove-desk", description: "somebody of the base, signed in" },
        boatBook: { type: "apiKey", in: "cookie", name: "brinecove-book", description: "a charter, by link and PIN" },
        device: { type: "http", scheme: "bearer", description: "a device's right to record on one handover" },
        program: { type: "http", scheme: "bearer", description: "a program of somebody else, by a token of the base" },
      },
    },
  };
}

function operationOf(group: string, endpoint: AnyEndpoint): Record<string, unknown> {
  const { name, about, who, params, query, body, answer, status, maxBytes } = endpoint;
  const isOpen = who.some(({ kind }) => kind === "anyone");
  return {
    operationId: name,
    tags: [group],
    summary: about,
    description: [...who.map(callerWords), body === null ? "" : `A body of at most ${maxBytes} bytes.`]
      .filter(Boolean)
      .join(" "),
    parameters: [...parametersOf("path", params), ...parametersOf("query", query)],
    ...(body === null ? {} : { requestBody: { required: true, content: bodyContent(body) } }),
    responses: {
      [status]: {
        description: "done",
        content: isMedia(answer) ? { [answer.media]: {} } : { "application/json": { schema: answer } },
      },
      ...errorResponses(endpoint.errors),
    },
    security: isOpen ? [] : who.map(({ kind }) => ({ [security[kind as keyof typeof security]]: [] })),
  };
}

function callerWords({ kind, action, side, scope }: Caller): string {
  if (kind === "staff" && action) return `For the base's ${permissions[action].join(", ")} (${action}).`;
  if (kind === "charter") return "For a charter's people, of what is theirs.";
  if (kind === "device") return `For a device on its own handover${side ? `, of the ${side}'s side` : ""}.`;
  if (kind === "program" && scope) return `For a program whose token has the scope ${scope}.`;
  return "For everybody.";
}

const parametersOf = (where: "path" | "query", fields: TObject | null) =>
  Object.entries(fields?.properties ?? {}).map(([name, schema]) => ({
    name,
    in: where,
    required: where === "path" || (fields?.required ?? []).includes(name),
    schema,
  }));

const bodyContent = (body: TSchema | { bytes: readonly string[] }) =>
  isBytes(body)
    ? Object.fromEntries(body.bytes.map((type) => [type, {}]))
    : { "application/json": { schema: Object.keys(body).length === 0 ? Type.Unknown() : body } };

/** Errors by status: which codes come with it. */
function errorResponses(own: readonly ErrorCode[]): Record<string, unknown> {
  const byStatus = new Map<number, ErrorCode[]>();
  for (const code of [...new Set([...own, ...commonErrors])].sort())
    byStatus.set(errors[code], [...(byStatus.get(errors[code]) ?? []), code]);
  return Object.fromEntries(
    [...byStatus].map(([status, codes]) => [
      status,
      {
        description: codes.join(", "),
        content: { "application/json": { schema: { $ref: "#/components/schemas/Error" } } },
      },
    ]),
  );
}
