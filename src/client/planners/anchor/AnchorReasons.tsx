import { useTranslations } from "next-intl";
import { laid } from "@/core/planners/anchor/anchor";
import type { AnchorReason } from "@/core/planners/anchor/schema";
import type { AnchorAnswer } from "@/core/underway/anchor";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { Reason } from "../frame/Answer";
import type { OfBoat } from "../frame/of-boat";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";

type Answered = Extract<AnchorAnswer, { answer: object }>;
type Tackle = YachtFile["groundTackle"][string];

/** Under a keel there is less than this at the lowest water: told, m. */
const closeM = 0.5;

/** What stands against lying here so, gravest first, and what takes the load off the windlass. */
export function AnchorReasons({
  answered,
  of: { file },
  relief,
  reliefAt,
}: {
  answered: Answered;
  of: OfBoat;
  relief: Tackle["relief"];
  reliefAt: Tackle["reliefAt"];
}) {
  const t = useTranslations("anchoring");
  const shown = useShown()("m");
  const { answer, underKeelM, input } = answered;
  const radiusM = Math.max(answer.swingRadiusM.low, answer.swingRadiusM.high);
  const words: Record<AnchorReason, string> = {
    "not-enough": t("not-enough"),
    "wind-uplift": t("wind-uplift"),
    "gust-uplift": t("gust-uplift"),
    room: t("room", { radius: shown.words(radiusM), room: shown.words(input.roomM ?? 0) }),
  };
  const cleat = reliefAt === undefined ? undefined : file.fittings[reliefAt];
  return (
    <>
      {underKeelM < closeM && (
        <Reason
          verdict={underKeelM < 0 ? "stop" : "watch"}
          words={t(underKeelM < 0 ? "aground" : "shallow", { keel: shown.words(Math.abs(underKeelM), 1) })}
        />
      )}
      {answer.reasons.map((reason) => (
        <Reason
          key={reason}
          verdict={reason === "gust-uplift" ? "watch" : "stop"}
          words={words[reason]}
          more={reason === "gust-uplift" ? holdsWith(answered, t, shown.words) : undefined}
        />
      ))}
      {answer.reasons.length === 0 && underKeelM >= closeM && <Reason verdict="fine" words={t("level")} />}
      <p>
        {t("swings", { radius: shown.words(radiusM), ground: shown.words(answer.wind.onGroundM) })}
        {input.roomM === null && ` ${t("no-room-told")}`}
      </p>
      <p className={styles.none}>
        {t(`relief-${relief}`)} {cleat && t("relief-at", { what: localizeFigures(file, cleat.name) })}
      </p>
    </>
  );
}

/** The least whole length aboard at which the chain stays down in the gusts too. */
function holdsWith(
  { input, answer }: Answered,
  t: ReturnType<typeof useTranslations<"anchoring">>,
  metres: (value: number) => string,
): string {
  const aboardM = input.rode.chainM + input.rode.ropeM;
  for (let lengthM = Math.ceil(answer.letOutM); lengthM <= aboardM; lengthM++) {
    const longer = laid(input, lengthM, true);
    if (longer.gust.upliftDeg > 0.05) continue;
    const more =
      Math.max(longer.swingRadiusM.low, longer.swingRadiusM.high) -
      Math.max(answer.swingRadiusM.low, answer.swingRadiusM.high);
    return t("would-hold", { length: metres(lengthM), more: metres(more) });
  }
  return t("none-holds");
}
