"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { lineSubject, type CountLine } from "@/core/handover/lines";
import { useCell, useHandover, useLine } from "../store/handover-context";
import { OtherPlace } from "./OtherPlace";
import { Row } from "./Row";
import { Stepper } from "./Stepper";

/** A thing to be counted. It starts empty, never at the expected figure. */
export function CountRow({ line }: { line: CountLine }) {
  const t = useTranslations();
  const store = useHandover();
  const { places, rules, stay } = store.bundle.list;
  const count = useLine(line).value?.count ?? null;
  const place = useCell(lineSubject(line.id), "found-in")?.value?.place ?? null;
  const where = localize(line.where);
  const told = line.perPerson ? t("count.per-person", { where, aboard: stay.aboard }) : where;
  const isShownBefore = rules?.expectedShown === "before" && count === null;
  return (
    <Row
      line={line}
      beside={
        place === null
          ? null
          : t("elsewhere.found", { place: localize(places.find((each) => each.id === place)?.name ?? { en: place }) })
      }
      how={isShownBefore ? `${told} ${t("count.expected", { expected: line.expected })}` : told}
      more={<OtherPlace line={line} />}
    >
      {(labelId) => (
        <Stepper labelId={labelId} count={count} onCount={(next) => store.recordLine(line, { count: next })} />
      )}
    </Row>
  );
}
