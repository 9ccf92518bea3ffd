"use client";
import { useTranslations } from "next-intl";
import { useId, useState, type ReactNode } from "react";
import { peopleOf, type Person } from "@/core/berthing/people";
import type { BerthingPlan, Order } from "@/core/berthing/schema";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { printPart } from "../../print/print-part";
import styles from "./Berth.module.css";

interface Props {
  plan: BerthingPlan;
  crew: number;
  /** the side of her that the quay is on */
  quaySide: 1 | 0 | -1;
  yacht: string;
}

/** Who stands where and does what at which word: for everybody, or for one person's own phone, and as cards of A6. */
export function CrewOrders({ plan, crew, quaySide, yacht }: Props) {
  const t = useTranslations() as unknown as Translator;
  const [whose, setWhose] = useState("all");
  const id = useId();
  const people = peopleOf(plan, crew);
  const nameOf = ({ posts }: Person) => posts.map((post) => t(`berthing-post.${post}`)).join(", ");
  const side = t(quaySide < 0 ? "drill-side.port" : "drill-side.starboard");
  const ofPerson = (person: Person) => (
    <Card key={nameOf(person)} title={t("berthing.card", { who: nameOf(person), yacht })} plan={plan} t={t}>
      {person.steps.map(({ code, orders }, at) => (
        <li key={`${at} ${code}`}>
          <strong>{t(`berthing-step.${code as "neutral"}`)}</strong>
          {orders.length === 0 ? t("berthing.stand-by") : orders.map((order) => orderWords(t, order, side)).join(" ")}
        </li>
      ))}
    </Card>
  );
  const one = people[Number(whose)];
  return (
    <section aria-label={t("berthing.orders")}>
      <h3>{t("berthing.orders-for", { way: t(`berthing-way.${(plan.best ?? "") as "straight"}`) })}</h3>
      <Choice
        label={t("berthing.whose")}
        options={[
          { value: "all", word: t("berthing.everybody") },
          ...people.map((person, at) => ({ value: String(at), word: nameOf(person) })),
        ]}
        value={whose}
        onChoose={setWhose}
      />
      {one ? (
        ofPerson(one)
      ) : (
        <Card title={t("berthing.card", { who: t("berthing.everybody"), yacht })} plan={plan} t={t}>
          {plan.steps.map(({ code, orders }, at) => (
            <li key={`${at} ${code}`}>
              <strong>{t(`berthing-step.${code as "neutral"}`)}</strong>
              {orders.map((order) => (
                <span key={`${order.post} ${order.code} ${order.line ?? ""}`}>
                  <b>{t(`berthing-post.${order.post}`)}</b> {orderWords(t, order, side)}
                </span>
              ))}
            </li>
          ))}
        </Card>
      )}
      <div id={id} className={styles.paper} aria-hidden="true">
        {people.map(ofPerson)}
      </div>
      <Button onClick={() => printPart(id, { size: "A6", marginMm: 7, apart: styles.card ?? "" })}>
        {t("berthing.print")}
      </Button>
    </section>
  );
}

/** One card: whose it is, where fenders hang, what is done at each step, and the words for go and stop. */
function Card({ title, plan, t, children }: { title: string; plan: BerthingPlan; t: Translator; children: ReactNode }) {
  const fenders = plan.fenders.map((where) => t(`berthing-fender.${where as "at-bow"}`)).join(", ");
  return (
    <article className={styles.card} aria-label={title}>
      <h4>{title}</h4>
      <p>{t("berthing.fenders", { where: fenders })}</p>
      <ol>{children}</ol>
      <p>{t("berthing.words-of-command")}</p>
      <p>{t("berthing.no-hands-card")}</p>
    </article>
  );
}

function orderWords(t: Translator, { code, line }: Order, side: string): string {
  const named = line === undefined ? "" : t(`berthing-line.${line as "bow-line"}`);
  return t(`berthing-order.${code as "slip"}`, { line: named, side });
}
