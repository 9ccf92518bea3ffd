import type { RowFault } from "../core/imports/row";
import type { Translator } from "./translator";

/**
 * What keeps a row of a list from being taken, in a sentence.
 *
 * @param at an instant in words; blank for none
 */
export const rowFaultWords = (
  t: Translator,
  { column, what, values = {} }: RowFault,
  at: (instant: string | undefined) => string,
): string =>
  t(`imports.fault-${what}`, {
    column: t(`imports.column-${column}`),
    text: values.text ?? "",
    most: values.most ?? 0,
    reference: values.reference ?? "",
    from: at(values.startsAt),
    until: at(values.endsAt),
  });
