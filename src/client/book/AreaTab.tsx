"use client";
import { ArrowLeft } from "lucide-react";
import { useTranslations } from "next-intl";
import type { Area } from "@/core/area/area";
import { Button } from "@/ui/Button";
import { AreaLater } from "../area/AreaLater";
import styles from "./Book.module.css";

/** The waters of the base, with no network: where to lie, what to keep clear of, where there is fuel. */
export function AreaTab({ area, onBack }: { area: Area; onBack: () => void }) {
  const t = useTranslations();
  return (
    <section className={styles.block} aria-label={t("area.title")}>
      <p>
        <Button look="quiet" onClick={onBack}>
          <ArrowLeft aria-hidden="true" size={20} /> {t("tabs.today")}
        </Button>
      </p>
      <h2>{area.name}</h2>
      <AreaLater area={area} />
    </section>
  );
}
