"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Stage } from "@/core/stays/stage";
import type { OfBoat } from "../../planners/frame/of-boat";
import { UnderWayLater } from "../../planners/UnderWayLater";
import { ClockWarning } from "../../planners/left/ClockWarning";
import type { BookStore, KeptLog } from "../../store/book-store";
import { Button } from "@/ui/Button";
import { AfterCheckIn } from "../AfterCheckIn";
import { ComingBack } from "../ComingBack";
import type { BookRoute } from "../route/route";
import { StudyPart } from "../StudyPart";
import { WalkAlone } from "../WalkAlone";
import { BringAlong } from "./BringAlong";
import { CallTheBase } from "./CallTheBase";
import { CrewPart } from "./CrewPart";
import { KeptHere } from "./KeptHere";
import { OtherYachts } from "./OtherYachts";
import { Over } from "./Over";
import { WhenAndWhere } from "./WhenAndWhere";
import { WhoDoesWhat } from "./WhoDoesWhat";

/** What a crew needs today: before it comes, on the day, under way and afterwards. */
export function TodayTab({
  store,
  stage,
  of,
  log,
  go,
}: {
  store: BookStore;
  stage: Stage;
  of: OfBoat;
  log: readonly KeptLog[];
  go: (at: BookRoute["at"]) => void;
}) {
  const t = useTranslations();
  const { book } = store;
  const [openedAt] = useState(() => Date.now());
  const mayStudy = stage === "before" || stage === "day";
  // whether it is time for it the base says, and not this clock
  const alone = mayStudy && book.notAlone && !store.keptAt && <WalkAlone against={book.notAlone} />;
  return (
    <>
      <OtherYachts store={store} stage={stage} />
      {stage === "day" && <WhenAndWhere store={store} />}
      {stage === "day" && alone}
      {mayStudy && <StudyPart store={store} onOpen={() => go("study")} />}
      {stage === "before" && alone}
      {stage === "before" && <WhenAndWhere store={store} />}
      {stage !== "after" && <Button onClick={() => go("drill")}>{t("book.drills")}</Button>}
      {stage !== "after" && <Button onClick={() => go("handle")}>{t("book.handle")}</Button>}
      {book.berth && stage !== "after" && <Button onClick={() => go("berth")}>{t("book.leave")}</Button>}
      {mayStudy && book.crew && <CrewPart book={book} />}
      {mayStudy && <BringAlong />}
      {stage === "under-way" && <ClockWarning aheadMin={store.clockAheadMin} />}
      {stage === "under-way" && <UnderWayLater of={of} store={store} log={log} terms={book.terms} go={go} />}
      {stage === "under-way" && <AfterCheckIn store={store} />}
      {stage === "under-way" && <ComingBack store={store} nowMs={openedAt} />}
      {stage === "after" && <Over store={store} onPapers={() => go("papers")} />}
      {book.crew && stage !== "after" && <WhoDoesWhat stay={book.stay.id} crew={book.crew} file={book.yacht.file} />}
      {book.area && stage !== "after" && (
        <p>
          <Button onClick={() => go("area")}>{t("area.open", { name: book.area.name })}</Button>
        </p>
      )}
      <CallTheBase phone={book.base.phone} channel={book.base.channel} hours={book.base.hours} />
      <KeptHere store={store} />
    </>
  );
}
