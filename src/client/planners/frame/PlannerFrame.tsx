"use client";
import { ArrowLeft } from "lucide-react";
import { useTranslations } from "next-intl";
import type { ReactNode } from "react";
import { Button } from "@/ui/Button";
import styles from "./Planner.module.css";
import { UnitChoice } from "./UnitChoice";

interface Props {
  title: string;
  picture?: ReactNode;
  onBack: () => void;
  /** where the way back leads; to Today where nothing is said */
  back?: string | undefined;
  children: ReactNode;
}

/** The frame of a planner: the way back, what it is about, its picture, and that it is no permission. */
export function PlannerFrame({ title, picture, onBack, back, children }: Props) {
  const t = useTranslations();
  return (
    <section className={styles.planner} aria-label={title}>
      <div className={styles.top}>
        <Button look="quiet" onClick={onBack}>
          <ArrowLeft aria-hidden="true" size={20} /> {back ?? t("tabs.today")}
        </Button>
        <h2>{title}</h2>
      </div>
      {picture && <div className={styles.picture}>{picture}</div>}
      {children}
      <UnitChoice />
      <p className={styles.foot}>{t("planner.no-permission")}</p>
    </section>
  );
}
