"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { saveCharters, saveCrews } from "@/api/imports";
import type { ImportStart } from "@/api/schemas/imports";
import { crewHeads } from "@/core/imports/crew";
import { Segments } from "@/ui/kit/Segments";
import { href } from "../../api/call";
import { CharterViews } from "../charters/CharterViews";
import { DeskPart } from "../shared/DeskPart";
import { ChooseList } from "./ChooseList";
import { CrewsPart } from "./CrewsPart";
import { ListPart } from "./ListPart";
import { RunList } from "./RunList";
import type { ReadList } from "./useList";

/** What a list can hold. */
const kinds = ["charters", "crews"] as const;

/** Takes charters in from a list of another program: read, looked through row by row, then taken. */
export function ImportPage({ start }: { start: ImportStart }) {
  const t = useTranslations("imports");
  const [kind, setKind] = useState<(typeof kinds)[number]>("charters");
  const [list, setList] = useState<ReadList | null>(null);
  // each list is read anew, also one that is chosen twice
  const [turn, setTurn] = useState(0);
  const take = (next: ReadList | null) => {
    setList(next);
    setTurn(turn + 1);
  };
  // the next list begins on an empty page
  const [taken, setTaken] = useState(0);
  const done = () => {
    take(null);
    setTaken(taken + 1);
  };
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("title")}</h1>
        <CharterViews here={null} />
      </Box>
      <p>{t("words")}</p>
      <DeskPart title={t("step-file")} isFirst>
        <Segments
          label={t("of")}
          options={kinds.map((value) => ({ value, word: t(`of-${value}`) }))}
          value={kind}
          onChoose={(next) => (setKind(next), take(null))}
        />
        {kind === "crews" && <p>{t("crew-words", { heads: crewHeads.join(", ") })}</p>}
        <ChooseList key={`${kind} ${taken}`} onRead={take} list={list} />
      </DeskPart>
      {list && kind === "charters" && <ListPart key={turn} list={list} start={start} onDone={done} />}
      {list && kind === "crews" && <CrewsPart key={turn} list={list} onDone={done} />}
      {!list && (
        <>
          <Box display="flex" flexWrap="wrap" gap="4">
            <a href={href(saveCharters, {})}>{t("save-all")}</a>
            <a href={href(saveCrews, {})}>{t("crew-save")}</a>
          </Box>
          <RunList start={start} />
        </>
      )}
    </chakra.main>
  );
}
