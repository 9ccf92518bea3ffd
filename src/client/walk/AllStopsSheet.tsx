"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { BriefedStop } from "@/core/briefing/part";
import { stopSubject } from "@/core/handover/walk/walk-state";
import { walkOrders } from "@/core/briefing/walk/schema";
import { stopStatusWords } from "@/messages/briefing-words";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Sheet } from "@/ui/Sheet";
import { VerdictMark } from "@/ui/VerdictMark";
import { useHandover } from "../store/handover-context";
import type { Walk } from "./useWalk";
import { LanguageButton } from "../language/LanguageButton";
import styles from "./Walk.module.css";

/** Every stop with what became of it, those to come in the order of the plan; and the order itself. */
export function AllStopsSheet({
  walk,
  onPick,
  onClose,
}: {
  walk: Walk;
  onPick: (stop: string) => void;
  onClose: () => void;
}) {
  const t = useTranslations();
  const store = useHandover();
  const { file } = store.bundle;
  const { briefing, state, sequence, planned } = walk;
  const byId = new Map(briefing.stops.map((stop) => [stop.id, stop]));
  const behind = briefing.stops.filter((stop) => state.behind.has(stop.id));
  const exceptions = planned.state === "planned" ? planned.plan.exceptions : [];
  const row = (stop: BriefedStop) => {
    const standing = state.standing.get(stop.id);
    const isBehind = standing?.step === "shown" || standing?.step === "skipped";
    return (
      <li key={stop.id}>
        {standing?.step === "open" ? <span /> : <VerdictMark verdict={standing?.step === "shown" ? "fine" : "watch"} />}
        <span>
          <strong>{localize(stop.title)}</strong>
          <small>
            {localize(file.places[stop.place]?.name ?? { en: stop.place })} · {stopStatusWords(t, standing)}
            {stop.safety && ` · ${t("study.safety")}`}
          </small>
        </span>
        <Button
          onClick={() => {
            // what was put off is taken up by going there
            if (standing?.step === "put-off") store.record(stopSubject(stop.id), "put-off", { off: false, why: "" });
            onPick(stop.id);
          }}
        >
          {t(isBehind ? "walk.again" : "walk.take-up")}
        </Button>
      </li>
    );
  };
  return (
    <Sheet title={t("walk.all")} closeWord={t("walk.close")} onClose={onClose}>
      <div className={styles.sheet}>
        <Choice
          label={t("walk.order")}
          value={state.order}
          options={walkOrders.map((order) => ({ value: order, word: t(`order.${order}`) }))}
          onChoose={(order) => store.record("handover", "walk-order", { order })}
        />
        <p>{t(`order.${state.order}-words`)}</p>
        {planned.state === "planned" && (
          <p className={styles.quiet}>
            {t("walk.walking", {
              seconds: Math.round(planned.plan.walkSeconds),
              bound: Math.round(planned.plan.boundSeconds),
            })}
            {exceptions.length > 0 &&
              ` · ${t("walk.exceptions", { names: exceptions.map((id) => localize(byId.get(id)?.title ?? { en: id })).join(", ") })}`}
          </p>
        )}
        {store.bundle.changes.length > 0 && (
          <>
            <h3>{t("walk.changed")}</h3>
            <ul className={styles.changes}>
              {store.bundle.changes.map((change) => (
                <li key={change}>{change}</li>
              ))}
            </ul>
          </>
        )}
        <ul className={styles.stops}>
          {sequence.flatMap((id) => byId.get(id) ?? []).map(row)}
          {behind.map(row)}
        </ul>
        <LanguageButton />
      </div>
    </Sheet>
  );
}
