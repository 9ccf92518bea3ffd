"use client";
import { MessageSquare, Phone } from "lucide-react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { urgencies, type Urgency } from "@/core/faults/kinds/kind";
import type { Fault } from "@/core/faults/fault";
import type { Trouble } from "@/core/faults/trouble";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import type { TroubleKeeper } from "./keeper";
import type { Translator } from "@/messages/translator";
import { faultTitle, troubleLines } from "@/messages/trouble-words";
import styles from "./Trouble.module.css";

export interface BaseToCall {
  phone: string;
  reference: string | null;
  /** how many are aboard; not known of who came by the yacht's code */
  persons: number | null;
  clock: (instant: string) => string;
}

interface Props {
  file: YachtFile;
  fault: Fault;
  trouble: Trouble | null;
  keeper: TroubleKeeper;
  base: BaseToCall;
}

/** The call: one screen to read out, and one message, by data when there is signal and else as text ready to send. */
export function CallBase({ file, fault, trouble, keeper, base }: Props) {
  const t = useTranslations("lead");
  const [urgency, setUrgency] = useState<Urgency>(fault.urgency);
  const [where, setWhere] = useState("");
  const [words, setWords] = useState("");
  const all = useTranslations() as unknown as Translator;
  const title = faultTitle(all, fault);
  const yacht = file.particulars.name;
  const head =
    base.reference === null ? `${yacht}: ${title}` : t("line-head", { yacht, title, reference: base.reference });
  const lines = trouble ? troubleLines(all, file, fault, trouble, base.clock) : [];
  const said = [where.trim(), words.trim()].filter((each) => each !== "").join(". ");
  const read = [
    head,
    t(`when-${urgency}`),
    base.persons === null ? "" : t("persons", { persons: base.persons }),
    said,
    ...lines,
  ].filter(Boolean);
  const send = async () => {
    const id = trouble?.id ?? (await keeper.write({ kind: "trouble", fault: fault.key }));
    await keeper.write({
      ...{ kind: "trouble-call", trouble: id, urgency, persons: base.persons ?? 1, words: said.slice(0, 500) },
      saidAt: new Date().toISOString(),
    });
    setWords("");
  };
  const last = trouble?.calls.at(-1);
  const way = last ? keeper.wayOf(last.id) : null;
  const number = base.phone.replaceAll(/[^\d+]/g, "");
  return (
    <section className={styles.call} aria-label={t("call-title")}>
      <h3>{t("when")}</h3>
      <Choice
        label={t("when")}
        options={urgencies.map((value) => ({ value, word: t(`when-${value}`) }))}
        value={urgency}
        onChoose={(value) => setUrgency(value)}
      />
      <Field label={t("at-place")}>
        {(ids) => <input {...ids} maxLength={120} value={where} onChange={({ target }) => setWhere(target.value)} />}
      </Field>
      <Field label={t("own-words")} hint={t("own-words-hint")}>
        {(ids) => (
          <textarea {...ids} rows={2} maxLength={360} value={words} onChange={({ target }) => setWords(target.value)} />
        )}
      </Field>
      <h3>{t("read-out")}</h3>
      <ol className={styles.read}>
        {read.map((line) => (
          <li key={line}>{line}</li>
        ))}
        {lines.length === 0 && <li>{t("nobody-looked")}</li>}
      </ol>
      <div className={styles.ways}>
        <a href={`tel:${number}`} className={styles.phone}>
          <Phone aria-hidden="true" size={20} /> {t("call", { phone: base.phone })}
        </a>
        {base.reference !== null && (
          <Button look="main" large onClick={() => void send()}>
            {t("send")}
          </Button>
        )}
        <a href={`sms:${number}?body=${encodeURIComponent(read.join("\n"))}`} className={styles.phone}>
          <MessageSquare aria-hidden="true" size={20} /> {t("as-text")}
        </a>
      </div>
      {way && (
        <p role="status" className={styles.note}>
          {way.state === "there"
            ? t("sent")
            : way.state === "waiting"
              ? t("sent-waiting")
              : t("refused", { message: way.message })}
        </p>
      )}
      <p>{t("not-permission")}</p>
    </section>
  );
}
