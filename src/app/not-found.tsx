import Link from "next/link";
import { getTranslations } from "next-intl/server";

export default async function NotFound() {
  const t = await getTranslations("desk");
  return (
    <main style={{ maxWidth: "34rem", margin: "14vh auto", padding: "0 20px", display: "grid", gap: 16 }}>
      <h1>{t("not-found")}</h1>
      <p>{t("not-found-words")}</p>
      <Link href="/today">{t("to-today")}</Link>
    </main>
  );
}
