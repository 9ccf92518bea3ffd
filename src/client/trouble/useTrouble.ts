import { useMemo } from "react";
import type { AnswerAbout, AnswerSaid } from "@/core/faults/entry";
import type { Fault } from "@/core/faults/fault";
import { standOf, type Stand } from "@/core/faults/lead";
import { headsOf, troublesOf, type Trouble } from "@/core/faults/trouble";
import type { YachtFile } from "@/core/yacht/schema";
import type { TroubleKeeper } from "./keeper";

/** A trouble as one is led through it: where one stands, and how one answers. */
export interface Led {
  trouble: Trouble | null;
  stand: Stand;
  /** answers a question; an answer given before is replaced */
  say: (about: AnswerAbout, check: string, said: AnswerSaid) => void;
}

const notBegun = (fault: Fault): Trouble => ({
  ...{ id: "", fault: fault.key, begunAt: "", said: [], calls: [], end: null },
});

/** The last trouble of a fault that nobody has ended, or none yet: the first answer begins one. */
export function useTrouble(file: YachtFile, fault: Fault, keeper: TroubleKeeper): Led {
  const { entries, write } = keeper;
  const learned = keeper.learned[fault.key];
  const trouble = useMemo(
    () => troublesOf(entries).findLast((each) => each.fault === fault.key && each.end === null) ?? null,
    [entries, fault.key],
  );
  const stand = useMemo(
    () => standOf(file, fault, trouble ?? notBegun(fault), learned),
    [file, fault, trouble, learned],
  );
  const say: Led["say"] = (about, check, said) => {
    void (async () => {
      const id = trouble?.id ?? (await write({ kind: "trouble", fault: fault.key }));
      const basis = headsOf(trouble?.said ?? [], about, check).map((head) => head.id);
      await write({ kind: "trouble-answer", trouble: id, about, check, said, basis: basis.slice(0, 10) });
    })();
  };
  return { trouble, stand, say };
}
