"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { saveCharters } from "@/api/imports";
import type { ImportStart } from "@/api/schemas/imports";
import { href } from "../../api/call";
import { CharterViews } from "../charters/CharterViews";
import { DeskPart } from "../shared/DeskPart";
import { ChooseList } from "./ChooseList";
import { ListPart } from "./ListPart";
import { RunList } from "./RunList";
import type { ReadList } from "./useList";

/** Takes charters in from a list of another program: read, looked through row by row, then taken. */
export function ImportPage({ start }: { start: ImportStart }) {
  const t = useTranslations("imports");
  const [list, setList] = useState<ReadList | null>(null);
  // each list is read anew, also one that is chosen twice
  const [turn, setTurn] = useState(0);
  const take = (next: ReadList | null) => {
    setList(next);
    setTurn(turn + 1);
  };
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("title")}</h1>
        <CharterViews here={null} />
      </Box>
      <p>{t("words")}</p>
      <DeskPart title={t("step-file")} isFirst>
        <ChooseList onRead={take} list={list} />
      </DeskPart>
      {list && <ListPart key={turn} list={list} start={start} onDone={() => take(null)} />}
      {!list && (
        <>
          <p>
            <a href={href(saveCharters, {})}>{t("save-all")}</a>
          </p>
          <RunList start={start} />
        </>
      )}
    </chakra.main>
  );
}
