"use client";
import { useTranslations } from "next-intl";
import { safeCheck } from "@/core/faults/lead";
import { headsOf } from "@/core/faults/trouble";
import type { YachtFile } from "@/core/yacht/schema";
import { faultsOf, type Fault } from "@/core/faults/fault";
import { Button } from "@/ui/Button";
import { AskCheck } from "./stands/AskCheck";
import { DoCure } from "./stands/DoCure";
import { Forked } from "./stands/Forked";
import { SafeFirst } from "./stands/SafeFirst";
import { SeeCard } from "./stands/SeeCard";
import { ToTheBase } from "./stands/ToTheBase";
import { WorksAgain } from "./stands/WorksAgain";
import type { Led } from "./useTrouble";
import { useFaultTitle } from "./words";

interface Props {
  file: YachtFile;
  fault: Fault;
  led: Led;
  /** a check that is asked once more */
  revised: string | null;
  onRevised: () => void;
  clock: (instant: string) => string;
  go: (fault: string | null) => void;
  onEnd: (outcome: "works" | "lives-with", found: string | null, words: string) => void;
}

/** What the screen asks or says where one stands. */
export function Standing({ file, fault, led, revised, onRevised, clock, go, onEnd }: Props) {
  const { stand, say, trouble } = led;
  const again = fault.checks.find(({ key }) => key === revised);
  if (again) {
    const before = headsOf(trouble?.said ?? [], "look", again.key)[0]?.said ?? null;
    return (
      <AskCheck
        {...{ file, before, check: again }}
        count={null}
        onSay={(said) => {
          say("look", again.key, said);
          onRevised();
        }}
      />
    );
  }
  switch (stand.at) {
    case "safe":
      return <SafeFirst file={file} safe={fault.safe} onSafe={() => say("safe", safeCheck, "yes")} />;
    case "check":
      return (
        <AskCheck
          key={stand.check.key}
          {...{ file, check: stand.check }}
          count={{ number: stand.number, of: stand.of }}
          onSay={(said) => say("look", stand.check.key, said)}
        />
      );
    case "fork":
      return (
        <Forked
          {...{ file, clock, check: stand.check, heads: stand.heads }}
          onSay={(said) => say(stand.heads[0]?.about ?? "look", stand.check.key, said)}
        />
      );
    case "cure":
      return (
        <DoCure
          {...{ file, check: stand.check, until: stand.until }}
          asksSafe={fault.safe.includes("position")}
          onTried={(said) => say("tried", stand.check.key, said)}
        />
      );
    case "card":
      return <SeeCard file={file} purpose={stand.card} onDone={() => say("tried", stand.check.key, "went-on")} />;
    case "other-fault":
      return (
        <OtherFault file={file} kind={stand.fault} part={fault.part?.key ?? null} go={go}>
          {() => say("tried", stand.check.key, "went-on")}
        </OtherFault>
      );
    case "call":
      return (
        <ToTheBase
          {...{ file, reason: stand.reason, check: stand.check }}
          onGoOn={stand.check ? () => say("tried", stand.check?.key ?? "", "went-on") : null}
          onLivesWith={() => onEnd("lives-with", stand.check?.key ?? null, "")}
        />
      );
    case "works":
      return (
        <WorksAgain
          {...{ file, check: stand.check }}
          onKeep={(words) => onEnd("works", stand.check?.key ?? null, words)}
        />
      );
  }
}

function OtherFault({
  file,
  kind,
  part,
  go,
  children: goOn,
}: {
  file: YachtFile;
  kind: string;
  part: string | null;
  go: (fault: string) => void;
  children: () => void;
}) {
  const t = useTranslations("lead");
  const titleOf = useFaultTitle();
  const all = faultsOf(file).filter((each) => each.kind === kind);
  const other = all.find((each) => each.part?.key === part) ?? all[0];
  if (!other) return <Button onClick={goOn}>{t("go-on")}</Button>;
  return (
    <>
      <h2>{t("other-fault", { title: titleOf(other) })}</h2>
      <Button look="main" large onClick={() => go(other.key)}>
        {t("go-there")}
      </Button>
      <Button look="quiet" onClick={goOn}>
        {t("go-on")}
      </Button>
    </>
  );
}
