import "server-only";
import type { KeysAnswer } from "@/api/schemas/keys";
import { publishedKeys } from "../db/keys";
import { fingerprint } from "./fingerprint";

/** The keys of every base, as they are published. */
export async function keysAnswer(): Promise<KeysAnswer> {
  const keys = await publishedKeys();
  return {
    bases: [...new Set(keys.map(({ baseId }) => baseId))].map((base) => {
      const own = keys.filter(({ baseId }) => baseId === base);
      return {
        base,
        name: own[0]?.baseName ?? "",
        keys: own.map(({ number, publicKey, madeAt, byPrevious, byOwn }) => ({
          number,
          publicKey,
          fingerprint: fingerprint(publicKey),
          madeAt,
          byPrevious,
          byOwn,
        })),
      };
    }),
  };
}
