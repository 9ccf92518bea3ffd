import { useTranslations } from "next-intl";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { reachOf } from "@/core/yacht/draft/reach";
import type { DraftScreen } from "@/api/schemas/draft";
import { fieldWords } from "@/messages/change-words";

/** Which yachts a change of this part of their class reaches, and which of them have their own here. */
export function ReachPart({
  sisters,
  path,
  fields,
}: {
  sisters: DraftScreen["sisters"];
  path: string;
  fields: readonly FieldSpec[];
}) {
  const t = useTranslations("editor");
  if (sisters.length === 0) return <p>{t("reaches-none")}</p>;
  return (
    <ul aria-label={t("reaches")}>
      {sisters.map(({ slug, name, patch }) => {
        const reach = reachOf(patch, path);
        const own =
          reach === "own"
            ? fields
                .filter((field) => reachOf(patch, `${path}/${field.name}`) !== "as-class")
                .map((field) => fieldWords(field.name))
            : [];
        return (
          <li key={slug}>
            <strong>{name}</strong>:{" "}
            {reach === "own" ? t("reach-own", { fields: own.join(", ") }) : t(`reach-${reach}`)}
          </li>
        );
      })}
    </ul>
  );
}
