import { chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { SettlementItem } from "@/api/schemas/desk";
import styles from "./shared/Desk.module.css";
import { PhotoStrip } from "./PhotoStrip";

/** What is not the same and costs nothing, close together: readings, things found, what works again. */
export function CostsNothing({ items }: { items: readonly SettlementItem[] }) {
  const t = useTranslations();
  return (
    <section>
      <chakra.h2 marginBottom="2">{t("settle.no-money")}</chakra.h2>
      <table className={styles.table} aria-label={t("settle.no-money")}>
        <thead>
          <tr>
            <th scope="col">{t("sign.col-what")}</th>
            <th scope="col">{t("paper.before")}</th>
            <th scope="col">{t("paper.after")}</th>
            <th scope="col">{t("settle.change")}</th>
          </tr>
        </thead>
        <tbody>
          {items.map(({ proposal, name, place, what, before, after, why }) => (
            <tr key={proposal.difference.id}>
              <th scope="row">
                {name} <chakra.span fontWeight="400">{place}</chakra.span>
              </th>
              {[before, after].map((side, index) => (
                <td key={index}>
                  {side.words}
                  <PhotoStrip photos={side.photos} name={name} />
                </td>
              ))}
              <td>{why === "" ? what : `${what}: ${why}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
