import { parseTree, printParseErrorCode, type Node, type ParseError } from "jsonc-parser";

/** JSON text that cannot be taken: where in the text, and what is wrong. */
export class JsonFault extends Error {
  override readonly name = "JsonFault";
  constructor(
    readonly line: number,
    readonly column: number,
    what: string,
  ) {
    super(`Line ${line}, column ${column}: ${what}.`);
  }
}

/**
 * Parses JSON as the standard has it, and refuses what `JSON.parse` would pass over in silence: the same key twice in
 * one object, where the later would swallow the earlier.
 *
 * @throws JsonFault with line and column
 */
export function parseStrictJson(text: string): unknown {
  const plain = text.startsWith("\uFEFF") ? text.slice(1) : text;
  const at = (offset: number, what: string) => {
    const before = plain.slice(0, offset).split("\n");
    return new JsonFault(before.length, (before.at(-1)?.length ?? 0) + 1, what);
  };
  const errors: ParseError[] = [];
  const tree = parseTree(plain, errors, { disallowComments: true, allowTrailingComma: false });
  const [first] = errors;
  if (first) throw at(first.offset, `this is not JSON (${printParseErrorCode(first.error)})`);
  if (!tree) throw new JsonFault(1, 1, "there is nothing in it");
  findTwice(tree, (node, key) => {
    throw at(node.offset, `"${key}" stands twice in one object`);
  });
  return JSON.parse(plain);
}

function findTwice(node: Node, found: (node: Node, key: string) => never): void {
  if (node.type === "object") {
    const seen = new Set<string>();
    for (const property of node.children ?? []) {
      const key = String(property.children?.[0]?.value);
      if (seen.has(key)) found(property, key);
      seen.add(key);
    }
  }
  for (const child of node.children ?? []) findTwice(child, found);
}
