"use client";
import { ArrowLeft } from "lucide-react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { faultsOf, type Fault } from "@/core/faults/fault";
import { lastSaid, safeCheck } from "@/core/faults/lead";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { CallBase, type BaseToCall } from "./CallBase";
import type { TroubleKeeper } from "./keeper";
import { Standing } from "./Standing";
import styles from "./Trouble.module.css";
import { useTrouble } from "./useTrouble";
import { useFaultTitle } from "./words";

interface Props {
  file: YachtFile;
  /** which fault, by its key */
  id: string;
  keeper: TroubleKeeper;
  base: BaseToCall;
  /** to another fault, or back to the list */
  go: (fault: string | null) => void;
}

/** Being led through a fault: one question at a time, and the base one tap away with all that was found. */
export function LeadPage(props: Props) {
  const fault = faultsOf(props.file).find(({ key }) => key === props.id);
  // a fault that her file no longer has: back to the list, where what she has is
  return fault ? <Led key={fault.key} {...props} fault={fault} /> : <NoSuchFault onBack={() => props.go(null)} />;
}

function NoSuchFault({ onBack }: { onBack: () => void }) {
  const t = useTranslations("lead");
  return (
    <section className={styles.lead}>
      <p>{t("none")}</p>
      <Button onClick={onBack}>{t("list-title")}</Button>
    </section>
  );
}

function Led({ file, fault, keeper, base, go }: Props & { fault: Fault }) {
  const t = useTranslations("lead");
  const title = useFaultTitle()(fault);
  const led = useTrouble(file, fault, keeper);
  const [isCalling, setCalling] = useState(false);
  const [revised, setRevised] = useState<string | null>(null);
  const { trouble, stand } = led;
  const last = trouble && lastSaid(trouble);
  const mayGoBack = last !== null && last.about !== "safe";
  const asksCall = stand.at === "call" || isCalling;
  const isSafe = trouble?.said.some(({ about, check }) => about === "safe" && check === safeCheck) ?? false;
  return (
    <section className={styles.lead} aria-label={title}>
      <div className={styles.top}>
        <Button look="quiet" aria-label={t("list-title")} onClick={() => go(null)}>
          <ArrowLeft aria-hidden="true" size={24} />
        </Button>
        <h1>{title}</h1>
      </div>
      {keeper.known.flatMap((known) =>
        known.fault === fault.key ? (
          <p key={known.fault} className={styles.note}>
            <strong>{t("known")}</strong>
            {known.answer ?? t("known-ordered")}
          </p>
        ) : (
          []
        ),
      )}
      {keeper.answers.flatMap((answer) =>
        answer.trouble === trouble?.id ? (
          <p key={answer.at} className={styles.note}>
            <strong>
              {t("base-said")} {base.clock(answer.at)}
            </strong>
            {answer.words}
          </p>
        ) : (
          []
        ),
      )}
      <Standing
        {...{ file, fault, led, go, revised }}
        clock={base.clock}
        onRevised={() => setRevised(null)}
        onEnd={(outcome, found, words) => {
          void (async () => {
            const id = trouble?.id ?? (await keeper.write({ kind: "trouble", fault: fault.key }));
            await keeper.write({ kind: "trouble-end", trouble: id, outcome, found, words });
            go(null);
          })();
        }}
      />
      {mayGoBack && revised === null && (
        <Button look="quiet" onClick={() => setRevised(last.check)}>
          <ArrowLeft aria-hidden="true" size={20} /> {t("earlier")}
        </Button>
      )}
      <Never fault={fault} />
      <div className={styles.foot}>
        {isSafe && fault.safe.includes("position") && !asksCall && <p>{t("there-is-time")}</p>}
        {asksCall ? (
          <CallBase {...{ file, fault, trouble, keeper, base }} />
        ) : (
          <button type="button" className={styles.base} onClick={() => setCalling(true)}>
            {t("call-title")}
          </button>
        )}
      </div>
    </section>
  );
}

function Never({ fault }: { fault: Fault }) {
  const t = useTranslations();
  if (fault.never.length === 0) return null;
  return (
    <ul className={styles.never} aria-label={t("lead.never")}>
      {fault.never.map((code) => (
        <li key={code}>
          <strong>{t(`fault-never.${code}_what` as "fault-never.climb_what")}</strong>{" "}
          {t(`fault-never.${code}_why` as "fault-never.climb_why")}
        </li>
      ))}
    </ul>
  );
}
