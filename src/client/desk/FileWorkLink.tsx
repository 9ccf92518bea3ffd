import Link from "next/link";
import { useTranslations } from "next-intl";
import type { FileWork } from "@/api/schemas/desk";

/** What waits in a yacht's file, leading to where it is looked through. */
export function FileWorkLink({ slug, work }: { slug: string; work: FileWork }) {
  const t = useTranslations("fleet");
  return (
    <Link href={`/fleet/${slug}/edit`}>
      {t("file-work", { proposed: work.proposed, unpublished: work.unpublished })}
    </Link>
  );
}
