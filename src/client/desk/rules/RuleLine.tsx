"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import type { RulesChange } from "@/api/schemas/desk";
import type { BaseRules } from "@/core/base/rules";
import { Segments } from "@/ui/kit/Segments";
import { FormInput } from "../../forms/FormField";
import type { DeskForm } from "../../forms/useDeskForm";
import type { TypedRules } from "./draft";
import type { RuleRow } from "./groups";
import { DrillsBefore } from "./DrillsBefore";
import { NeverList } from "./NeverList";

interface Props {
  row: RuleRow;
  form: DeskForm<keyof TypedRules | "why">;
  draft: BaseRules;
  disabled: boolean;
  /** the change it got its value in; null where it is as usual */
  settled: RulesChange | null;
  timeZone: string;
  onChange: (draft: BaseRules) => void;
}

/** One rule: what it says, its value, and who settled it, when and why. */
export function RuleLine({ row, settled, timeZone, ...control }: Props) {
  const t = useTranslations("rules");
  const format = useFormatter();
  return (
    <Box display="grid" gap="1" paddingBottom="2" borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line">
      <Control row={row} {...control} />
      <chakra.p color="kelp2" fontSize="0.9375rem">
        {settled
          ? t("settled-by", {
              by: settled.by,
              at: format.dateTime(new Date(settled.at), { dateStyle: "medium", timeZone }),
              why: settled.why,
            })
          : t("usual")}
      </chakra.p>
    </Box>
  );
}

function Control({ row: { field, word, help }, form, draft, disabled, onChange }: Omit<Props, "settled" | "timeZone">) {
  switch (field) {
    case "walkAlone":
    case "managerCode":
      return (
        <OneOf
          {...{ word, help, disabled }}
          options={["yes", "no"]}
          value={draft[field] ? "yes" : "no"}
          onChoose={(value) => onChange({ ...draft, [field]: value === "yes" })}
        />
      );
    case "expectedShown":
      return (
        <OneOf
          {...{ word, help, disabled }}
          options={["after", "before"]}
          value={draft.expectedShown}
          onChoose={(expectedShown) => onChange({ ...draft, expectedShown })}
        />
      );
    case "neverLetGo":
      return (
        <NeverList
          never={draft.neverLetGo}
          disabled={disabled}
          onChange={(neverLetGo) => onChange({ ...draft, neverLetGo })}
        />
      );
    case "drillsBeforeAlone":
      return (
        <DrillsBefore
          drills={draft.drillsBeforeAlone ?? []}
          disabled={disabled}
          onChange={(drillsBeforeAlone) => onChange({ ...draft, drillsBeforeAlone })}
        />
      );
    default:
      return (
        <FormInput form={form} name={field} inputMode="decimal" readOnly={disabled} style={{ maxWidth: "8rem" }} />
      );
  }
}

type Answer = "yes" | "no" | "after" | "before";

/** A rule that is one of two, with what it says above. */
function OneOf<T extends Answer>({
  word,
  help,
  options,
  value,
  disabled,
  onChoose,
}: Pick<RuleRow, "word" | "help"> & {
  options: readonly T[];
  value: T;
  disabled: boolean;
  onChoose: (value: T) => void;
}) {
  const t = useTranslations("rules");
  const wordOf = (answer: Answer) => t(answer);
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <Box>
        <strong>{t(word)}</strong>
        {help && <p>{t(help)}</p>}
      </Box>
      <Segments
        label={t(word)}
        disabled={disabled}
        value={value}
        options={options.map((each) => ({ value: each, word: wordOf(each) }))}
        onChoose={onChoose}
      />
    </Box>
  );
}
