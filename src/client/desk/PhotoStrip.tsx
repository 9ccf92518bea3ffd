import { readPhoto } from "@/api/photos";
import { href } from "../api/call";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";

/** Photos of one thing, small, each a way to the whole picture. */
export function PhotoStrip({ photos, name }: { photos: readonly string[]; name: string }) {
  const t = useTranslations("photo");
  if (photos.length === 0) return null;
  return (
    <Box display="flex" flexWrap="wrap" gap="2">
      {photos.map((hash, index) => (
        <a key={hash} href={href(readPhoto, { params: { hash } })} target="_blank" rel="noreferrer">
          {/* private evidence is served as it is, never through an optimiser's cache */}
          {/* eslint-disable-next-line @next/next/no-img-element */}
          <img
            src={href(readPhoto, { params: { hash }, query: { small: "yes" } })}
            alt={t("of", { name, number: index + 1 })}
            height={96}
            style={{ height: 96 }}
          />
        </a>
      ))}
    </Box>
  );
}
