import type { Translator } from "./translator";

interface Reason {
  why: string;
  values: Record<string, string | number>;
}

/** Why a topic is briefed as deep as it is, in a few words: "safety, odd on this boat". */
export function depthReasonWords(t: Translator, reasons: readonly Reason[]): string {
  return reasons
    .map(({ why, values }) => {
      const what =
        typeof values.what === "string"
          ? {
              what: values.what
                .split(" ")
                .map((each) => t(`handled.${each as "diesel"}`))
                .join(", "),
            }
          : {};
      return t(`depth.why-${why as "never-handled"}`, { ...values, ...what } as never);
    })
    .join(", ");
}
