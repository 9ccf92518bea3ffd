"use client";
import { printRecord, saveRecord, saveWholeRecord } from "@/api/handovers";
import type { AddendaView } from "@/api/schemas/book";
import type { HandoverInHand, TodayRow } from "@/api/schemas/desk";
import type { RecordFault } from "@/core/handover/record-fault";
import { href } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { Chip } from "@/ui/Chip";
import { Progress } from "@/ui/kit/Progress";
import { VerdictMark } from "@/ui/VerdictMark";
import { AddendaPart } from "./AddendaPart";
import { OpenHandover } from "./OpenHandover";
import { DeskPart } from "./shared/DeskPart";
import { UnfitRecord } from "./UnfitRecord";
import { useMay } from "./shared/staff";
import { NotCleared } from "./NotCleared";
import { ReceivedRecords } from "./ReceivedRecords";

type Handover = TodayRow["stay"]["handovers"][number];

interface Props {
  row: TodayRow;
  kind: "check-in" | "check-out";
  /** how it stands while it is open */
  inHand: HandoverInHand | null;
  /** what came after the signed check-in, and who reads this */
  afterwards: AddendaView | null;
  me: string;
  timeZone: string;
  at: (instant: string) => string;
  faults: Readonly<Record<string, RecordFault[]>>;
}

/** The check-in or the check-out of a charter: not opened, open, or signed with its papers. */
export function CharterHandover({ row, kind, inHand, afterwards, me, timeZone, at, faults }: Props) {
  const t = useTranslations();
  const { stay, next } = row;
  const handover = stay.handovers.find((each) => each.kind === kind);
  return (
    <DeskPart title={t(`charter.${kind}`)}>
      {!handover && <NotOpened stayId={stay.stayId} kind={kind} next={next} />}
      {handover && <Records handover={handover} at={at} />}
      {handover && !handover.sealedAt && !isUnsettled(handover) && (
        <>
          <p>{t("charter.open", { entries: handover.entries, at: at(handover.openedAt) })}</p>
          {inHand && <InHand inHand={inHand} kind={kind} />}
          {/* where it is the next thing it stands above */}
          {next !== `go-on-${kind}` && (
            <div>
              <OpenHandover stayId={stay.stayId} kind={kind} label={t(`today.do-go-on-${kind}`)} main={false} />
            </div>
          )}
        </>
      )}
      {handover?.sealedAt && (
        <>
          <p>{t("charter.signed", { at: at(handover.sealedAt) })}</p>
          <UnfitRecord faults={faults[handover.id] ?? []} />
          {handover.against.length > 0 && <NotCleared handover={handover} at={at} />}
          {kind === "check-in" && afterwards && <AddendaPart afterwards={afterwards} person={me} timeZone={timeZone} />}
          <SignedRecord handover={handover} />
        </>
      )}
    </DeskPart>
  );
}

/** Who is on it, how much is left, and what would stand in the way of leaving. */
function InHand({ inHand: { left, total, people, against }, kind }: { inHand: HandoverInHand; kind: Props["kind"] }) {
  const t = useTranslations();
  return (
    <>
      <Progress
        label={t("charter.done-of", { done: total - left, total })}
        done={total - left}
        of={Math.max(total, 1)}
      />
      {people.length > 0 && <p>{t("charter.on-it", { people: people.join(", ") })}</p>}
      {kind === "check-in" && (
        <>
          <p>{against.length === 0 ? t("gate.nothing") : t("charter.against", { count: against.length })}</p>
          {against.length > 0 && (
            <ul>
              {against.map((words) => (
                <li key={words}>
                  <VerdictMark verdict="stop" /> {words}
                </li>
              ))}
            </ul>
          )}
        </>
      )}
    </>
  );
}

function NotOpened({ stayId, kind, next }: { stayId: string; kind: Props["kind"]; next: TodayRow["next"] }) {
  const t = useTranslations();
  const open = { stayId, kind, main: false } as const;
  return (
    <>
      <p>{t("charter.not-opened")}</p>
      {kind === "check-out" && next === "under-way" && (
        <div>
          <OpenHandover {...open} label={t("charter.early")} />
        </div>
      )}
    </>
  );
}

/** Whether records came in that do not stand and that nobody has sent back: until then nothing goes on. */
const isUnsettled = ({ seals }: Handover) => seals.some(({ settled }) => settled !== false);

/** What has been signed of it, where not simply one record stands. */
function Records({ handover, at }: { handover: Handover; at: (instant: string) => string }) {
  const mayChoose = useMay("choose-record");
  const { seals } = handover;
  const isPlain = seals.length === 0 || (seals.length === 1 && seals[0]?.stands && seals[0].settled === null);
  return isPlain ? null : <ReceivedRecords handover={handover.id} seals={seals} mayChoose={mayChoose} at={at} />;
}

function SignedRecord({ handover }: { handover: Handover }) {
  const t = useTranslations();
  const params = { id: handover.id };
  return (
    <>
      {handover.late > 0 && <Chip verdict="watch">{t("today.late", { late: handover.late })}</Chip>}
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button asChild>
          <a href={href(printRecord, { params })} target="_blank" rel="noreferrer">
            {t("sealed.pdf")}
          </a>
        </Button>
        <Button asChild>
          <a href={href(saveWholeRecord, { params })}>{t("sealed.zip")}</a>
        </Button>
        <Button asChild>
          <a href={href(saveRecord, { params })}>{t("sealed.json")}</a>
        </Button>
      </Box>
    </>
  );
}
