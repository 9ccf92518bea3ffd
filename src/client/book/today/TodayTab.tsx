"use client";
import { useState } from "react";
import type { Stage } from "@/core/stays/stage";
import type { BookStore } from "../../store/book-store";
import { AfterCheckIn } from "../AfterCheckIn";
import { ComingBack } from "../ComingBack";
import type { BookRoute } from "../route/route";
import { StudyPart } from "../StudyPart";
import { WalkAlone } from "../WalkAlone";
import { BringAlong } from "./BringAlong";
import { CallTheBase } from "./CallTheBase";
import { KeptHere } from "./KeptHere";
import { Over } from "./Over";
import { WhenAndWhere } from "./WhenAndWhere";

/** What a crew needs today: before it comes, on the day, under way and afterwards. */
export function TodayTab({ store, stage, go }: { store: BookStore; stage: Stage; go: (at: BookRoute["at"]) => void }) {
  const { book } = store;
  const [openedAt] = useState(() => Date.now());
  const mayStudy = stage === "before" || stage === "day";
  // whether it is time for it the base says, and not this clock
  const alone = mayStudy && book.notAlone && !store.keptAt && <WalkAlone against={book.notAlone} />;
  return (
    <>
      {stage === "day" && <WhenAndWhere store={store} />}
      {stage === "day" && alone}
      {mayStudy && <StudyPart store={store} onOpen={() => go("study")} />}
      {stage === "before" && alone}
      {stage === "before" && <WhenAndWhere store={store} />}
      {mayStudy && <BringAlong />}
      {stage === "under-way" && <AfterCheckIn store={store} />}
      {stage === "under-way" && <ComingBack store={store} nowMs={openedAt} />}
      {stage === "after" && <Over store={store} onPapers={() => go("papers")} />}
      <CallTheBase phone={book.base.phone} />
      <KeptHere store={store} />
    </>
  );
}
