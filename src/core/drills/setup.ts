import { Type, type TSchema } from "@sinclair/typebox";

/** One field of a device's setup: what it may hold, and what holds where her file is silent. */
export interface SetupField<T> {
  schema: TSchema;
  usual: T;
}

/** A figure of a device, 0 or more, with its unit in the field's name. */
export const figure = (usual: number, most = 1_000_000): SetupField<number> => ({
  schema: Type.Number({ minimum: 0, maximum: most, default: usual }),
  usual,
});

export const yesNo = (usual: boolean): SetupField<boolean> => ({ schema: Type.Boolean({ default: usual }), usual });

/** One of several words; the first is usual. */
export const oneWord = <const T extends string>(usual: T, ...others: readonly T[]): SetupField<T> => ({
  schema: Type.Unsafe<T>({ type: "string", enum: [usual, ...others], default: usual }),
  usual,
});

/** The setup of a device: every field may be left out. */
export interface Setup<S extends object> {
  schema: TSchema;
  usual: S;
}

export function setupOf<S extends object>(fields: { [K in keyof S]: SetupField<S[K]> }): Setup<S> {
  const each = Object.entries(fields) as [string, SetupField<unknown>][];
  return {
    schema: Type.Object(Object.fromEntries(each.map(([name, { schema }]) => [name, Type.Optional(schema)])), {
      additionalProperties: false,
    }),
    usual: Object.fromEntries(each.map(([name, { usual }]) => [name, usual])) as S,
  };
}
