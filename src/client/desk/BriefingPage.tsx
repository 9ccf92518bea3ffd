"use client";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { DepthOfTopic } from "@/core/briefing/depth";
import type { Experience } from "@/core/briefing/experience";
import type { FarBelow } from "@/core/briefing/far-below";
import type { Question } from "@/core/briefing/questions";
import type { FileChange } from "@/core/yacht/changes";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import type { LeavingBerth } from "@/api/schemas/leaving";
import { LeavingLater } from "../planners/berth/LeavingLater";
import type { CallView, StayView } from "@/api/schemas/desk";
import { changeWords } from "@/messages/change-words";
import { depthReasonWords } from "@/messages/depth-words";
import { farBelowWords } from "@/messages/far-below-words";
import { optionWords, questionWords } from "@/messages/question-words";
import { OddNote } from "@/ui/OddNote";
import { CallNotes } from "./CallNotes";
import styles from "./shared/Desk.module.css";
import { DeskPart } from "./shared/DeskPart";
import { OpenDrills } from "./drills/OpenDrills";
import { OpenHandover } from "./OpenHandover";

interface Props {
  stay: StayView;
  file: YachtFile;
  since: { revision: number; at: string; changes: FileChange[] } | null;
  minutes: number;
  studied: boolean;
  lastCalls: CallView[];
  calls: CallView[];
  timeZone: string;
  topics: (DepthOfTopic & { minutes: number })[];
  questions: Question[];
  farBelow: FarBelow | null;
  experience: Experience | null;
  own: { id: string; topic: string | null; words: string }[];
  marks: Record<string, "understood" | "ask">;
  checks: Record<string, { option: string; right: boolean }>;
  /** what was drilled beforehand, in words */
  drilled: readonly string[];
  leaving: LeavingBerth | null;
}

/** The briefer's sheet: what changed on her, what is odd, what this crew got wrong or asks, what the last crew called about. */
export function BriefingPage(props: Props) {
  const { stay, file, since, minutes, studied, lastCalls, calls, timeZone, topics } = props;
  const { questions, farBelow, experience, own, marks, checks, drilled } = props;
  const t = useTranslations();
  const format = useFormatter();
  const day = (instant: string) => format.dateTime(new Date(instant), { day: "numeric", month: "long", timeZone });
  const title = (topic: string | null) =>
    localize(topics.find((each) => each.topic.id === topic)?.topic.title ?? { en: topic ?? "" });
  const wrong = questions.filter((question) => checks[question.id]?.right === false);
  const handsOn = topics.filter((each) => each.depth === "hands-on");
  const toShow = topics.filter((each) => marks[each.topic.id] === "ask");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" maxWidth="1180px">
      <SheetHead {...{ stay, minutes, studied, experience, marks, checks }} asked={questions.length} />
      {farBelow && <OddNote title={t("below.title")}>{farBelowWords(t, farBelow)}</OddNote>}
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", md: "1fr 1fr" }} gap="0 40px">
        <Part
          title={
            since
              ? t("briefing-sheet.changed", { at: day(since.at), revision: since.revision })
              : t("briefing-sheet.first-time")
          }
          empty={t(since ? "briefing-sheet.nothing-changed" : "briefing-sheet.all-new")}
          lines={since?.changes.map((change) => changeWords(t, change)) ?? []}
        />
        <Part
          title={t("briefing-sheet.odd")}
          empty={t("briefing-sheet.nothing-odd")}
          lines={Object.values(file.oddities).map(
            (oddity) =>
              `${localize(file.places[oddity.place]?.name ?? { en: oddity.place })}: ${localizeFigures(file, oddity.words)}`,
          )}
        />
        <Part
          title={t("briefing-sheet.wrong")}
          empty={t("briefing-sheet.nothing-wrong")}
          lines={wrong.map((question) => {
            const right = question.options.find((option) => option.id === question.right);
            return t("briefing-sheet.wrong-line", {
              question: questionWords(t, question),
              right: right ? optionWords(t, right.words) : "",
            });
          })}
        />
        <Part
          title={t("briefing-sheet.asks")}
          empty={t("briefing-sheet.nothing-asked")}
          lines={[
            ...own.map((question) => `${title(question.topic)}: ${question.words}`),
            ...toShow.map((each) => t("briefing-sheet.show", { topic: localize(each.topic.title) })),
          ]}
        />
        <Part
          title={t("briefing-sheet.hands-on")}
          empty={t("briefing-sheet.nothing-hands-on")}
          lines={handsOn.map((each) => `${localize(each.topic.title)}: ${depthReasonWords(t, each.reasons)}`)}
        />
        <Part title={t("briefing-sheet.drilled")} empty={t("briefing-sheet.nothing-drilled")} lines={drilled} />
        {props.leaving && (
          <DeskPart title={t("briefing-sheet.leaving")}>
            <LeavingLater stay={stay.reference} file={file} leaving={props.leaving} />
          </DeskPart>
        )}
        <OpenDrills stayId={stay.stayId} file={file} />
        <Part
          title={t("briefing-sheet.last-calls")}
          empty={t("briefing-sheet.no-calls")}
          lines={lastCalls.map((call) => (call.topic ? `${title(call.topic)}: ${call.words}` : call.words))}
        />
        <CallNotes
          stayId={stay.stayId}
          calls={calls}
          topics={topics.map((each) => ({ id: each.topic.id, title: localize(each.topic.title) }))}
        />
      </Box>
    </chakra.main>
  );
}

/** Whose briefing it is, how long it takes, and what the crew did beforehand. */
function SheetHead({
  stay,
  minutes,
  studied,
  experience,
  marks,
  checks,
  asked,
}: Pick<Props, "stay" | "minutes" | "studied" | "experience" | "marks" | "checks"> & { asked: number }) {
  const t = useTranslations();
  return (
    <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
      <Box>
        <h1>{t("briefing-sheet.title", { yacht: stay.yachtName })}</h1>
        <p>
          <Link href={`/charters/${stay.reference}`}>{stay.reference}</Link> · {stay.skipper} ·{" "}
          {t("today.aboard", { aboard: stay.aboard })} · {t("briefing-sheet.minutes", { minutes })}
        </p>
        <p>
          {studied
            ? t("briefing-sheet.studied", {
                right: Object.values(checks).filter((check) => check.right).length,
                answered: Object.keys(checks).length,
                asked,
                understood: Object.values(marks).filter((mark) => mark === "understood").length,
              })
            : t("briefing-sheet.not-studied")}
        </p>
        {experience && (
          <p>
            {t("briefing-sheet.experience", {
              longestM: experience.longestM,
              weeks: experience.weeks,
              language: experience.language,
            })}
          </p>
        )}
      </Box>
      <Box display="flex" gap="3">
        <OpenHandover stayId={stay.stayId} kind="check-in" label={t("today.do-walk")} screen="walk" />
      </Box>
    </Box>
  );
}

function Part({ title, lines, empty }: { title: string; lines: readonly string[]; empty: string }) {
  return (
    <DeskPart title={title}>
      {lines.length === 0 && <p>{empty}</p>}
      <ul className={styles.points}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </DeskPart>
  );
}
