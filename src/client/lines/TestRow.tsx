"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { ResultValue, TestLine } from "@/core/handover/lines";
import { Choice } from "@/ui/Choice";
import { useHandover, useLine } from "../store/handover-context";
import { Row } from "./Row";
import { WhyField } from "./WhyField";

type Result = ResultValue["result"];
const tried: Result[] = ["works", "works-but", "fails", "not-tried"];
const shown: Result[] = ["shown", "fails", "not-tried"];

/** A thing to be tried by the skipper's own hand. */
export function TestRow({ line }: { line: TestLine }) {
  const t = useTranslations();
  const store = useHandover();
  const { value } = useLine(line);
  const [asking, setAsking] = useState<Exclude<Result, "works" | "shown"> | null>(null);
  const isPrep = store.bundle.list.kind === "prep";
  const choose = (result: Result) => {
    if (result !== "works" && result !== "shown") return setAsking(result);
    setAsking(null);
    store.recordLine(line, { result });
  };
  const keep = (words: string) => {
    if (asking === "not-tried") store.recordLine(line, { result: asking, reason: words, withinHours: line.waitHours });
    else if (asking) store.recordLine(line, { result: asking, remark: words });
    setAsking(null);
  };
  const within = line.waitHours ? t("test.within", { hours: line.waitHours }) : t("test.alongside");
  return (
    <Row
      line={line}
      how={localize(line.how)}
      note={line.caution && localize(line.caution)}
      tag={
        isPrep
          ? (line.minutes && t("test.minutes", { minutes: line.minutes })) || undefined
          : t(line.when === "shown" ? "test.only-shown" : "test.skipper")
      }
      below={
        asking && (
          <WhyField
            key={asking}
            label={t(`test.ask-${asking}`)}
            hint={asking === "not-tried" ? within : undefined}
            onKeep={keep}
            onBack={() => setAsking(null)}
          />
        )
      }
    >
      {() => (
        <Choice
          label={localize(line.name)}
          options={(line.when === "shown" ? shown : tried).map((result) => ({
            value: result,
            word: isPrep && result !== "shown" ? t(`test.prep-${result}`) : t(`test.${result}`),
          }))}
          value={asking ?? value?.result ?? null}
          onChoose={choose}
        />
      )}
    </Row>
  );
}
