"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { keepTasks } from "@/api/lists";
import { localize } from "@/core/basics/words";
import { prepWords } from "@/core/handover/prep/words";
import { entriesByStep } from "@/core/tasks/order";
import { prepSections } from "@/core/tasks/sections";
import { taskNeeds, taskWhens, type Task, type Tasks } from "@/core/tasks/task";
import { freeKey } from "@/core/yacht/note/propose";
import { Dialog } from "@/ui/kit/Dialog";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm, type DeskForm } from "../../forms/useDeskForm";
import { CheckRow } from "../shared/CheckRow";
import { DeskPart } from "../shared/DeskPart";
import styles from "../shared/Desk.module.css";
import { useMay } from "../shared/staff";
import { KeptList, useStamp } from "./KeptList";
import { TakeOff } from "./TakeOff";
import { taskFaults, taskOf, typedTask, type TaskField } from "./task-draft";

/** What the tasks come to on one yacht, for each length of lying. */
export interface TurnRoundSum {
  slug: string;
  name: string;
  sums: { idleDays: 0 | 14 | 60; tasks: number; minutes: number }[];
}

interface Props {
  tasks: Tasks;
  number: number;
  last: { by: string; at: string } | null;
  yachts: readonly TurnRoundSum[];
  timeZone: string;
}

/** What the base does between two charters, and what it comes to on each yacht. */
export function TurnRoundPart(props: Props) {
  const { tasks, last, yachts, timeZone } = props;
  const t = useTranslations("turn-round");
  const stamp = useStamp(timeZone);
  const mayKeep = useMay("keep-tasks");
  const [open, setOpen] = useState<{ key: string | null } | null>(null);
  const fits = ({ onlyOn, needs }: Task) =>
    onlyOn
      ? yachts
          .filter(({ slug }) => onlyOn.includes(slug))
          .map(({ name }) => name)
          .join(", ")
      : needs
        ? t("needs-words", { need: t(`needs-${needs}`) })
        : t("all-yachts");
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.7fr 1fr" }} gap="5" alignItems="start">
      <Box display="grid" gap="3" minWidth="0">
        <KeptList
          title={t("title")}
          about={t("about")}
          columns={[t("task"), t("section"), t("when"), t("minutes"), t("for")]}
          rows={entriesByStep(tasks).map(([key, task]) => ({
            key,
            cells: [
              localize(task.name),
              localize(prepWords.sections[task.section].name),
              t(`when-${task.when}-words`, { days: task.days ?? 0 }),
              t(task.minutes.small === task.minutes.large ? "minutes-same" : "minutes-words", { ...task.minutes }),
              fits(task),
            ],
            opens: t("change-it", { name: localize(task.name) }),
          }))}
          words={{ add: t("add"), change: t("change"), notYours: t("not-yours") }}
          empty={null}
          mayKeep={mayKeep}
          onOpen={(key) => setOpen({ key })}
        />
        {last && <p>{t("last", { by: last.by, at: stamp(last.at) })}</p>}
      </Box>
      <Sums yachts={yachts} />
      {open && <TaskDialog {...props} of={open.key} onClose={() => setOpen(null)} />}
    </Box>
  );
}

/** How many tasks and hours each yacht has before her, by how long she has lain. */
function Sums({ yachts }: Pick<Props, "yachts">) {
  const t = useTranslations("turn-round");
  return (
    <DeskPart title={t("sums")} isFirst>
      <table className={styles.table} aria-label={t("sums")}>
        <thead>
          <tr>
            <th scope="col">{t("yacht")}</th>
            {([0, 14, 60] as const).map((days) => (
              <th key={days} scope="col">
                {t(`out-${days}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {yachts.map(({ slug, name, sums }) => (
            <tr key={slug}>
              <th scope="row">{name}</th>
              {sums.map(({ idleDays, tasks, minutes }) => (
                <td key={idleDays}>
                  {t("sum", { tasks, hours: Math.floor(minutes / 60), minutes: String(minutes % 60).padStart(2, "0") })}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </DeskPart>
  );
}

/** One task, typed in a form of its own; the whole list is kept with it. */
function TaskDialog({ tasks, number, yachts, of, onClose }: Props & { of: string | null; onClose: () => void }) {
  const t = useTranslations("turn-round");
  const all = useTranslations();
  const before: Task | null = of === null ? null : (tasks[of] ?? null);
  const [onlyOn, setOnlyOn] = useState<readonly string[]>(before?.onlyOn ?? []);
  const typed = typedTask(before);
  const form = useDeskForm(keepTasks, {
    fields: Object.fromEntries(
      (Object.keys(typed) as TaskField[]).map((field) => [field, { label: t(field), typed: typed[field] }]),
    ) as Record<TaskField, { label: string; typed: string }>,
    says: (now) => Object.fromEntries(Object.entries(taskFaults(now)).map(([field, say]) => [field, t(say)])),
    ask: (now) => ({
      body: { onNumber: number, tasks: { ...tasks, [of ?? freeKey(tasks, now.name)]: taskOf(now, before, onlyOn) } },
    }),
    onTaken: onClose,
  });
  return (
    <Dialog title={before ? localize(before.name) : t("add")} closeWord={all("common.back")} onClose={onClose} atSide>
      <FormFrame form={form} action={t("keep")}>
        <FormInput form={form} name="name" maxLength={120} autoFocus />
        <FormInput form={form} name="how" maxLength={1000} />
        <FormInput form={form} name="caution" hint={t("caution-hint")} maxLength={1000} />
        <Place form={form} />
        <fieldset>
          <chakra.legend fontWeight="600">{t("only")}</chakra.legend>
          <p>{t("only-hint")}</p>
          {yachts.map(({ slug, name }) => (
            <Box key={slug}>
              <CheckRow
                checked={onlyOn.includes(slug)}
                onChange={(isOn) => setOnlyOn(isOn ? [...onlyOn, slug] : onlyOn.filter((each) => each !== slug))}
              >
                {name}
              </CheckRow>
            </Box>
          ))}
        </fieldset>
      </FormFrame>
      {of !== null && (
        <TakeOff
          endpoint={keepTasks}
          ask={{ body: { onNumber: number, tasks: without(tasks, of) } }}
          label={t("take-off")}
          onTaken={onClose}
        />
      )}
    </Dialog>
  );
}

const without = (tasks: Tasks, key: string): Tasks =>
  Object.fromEntries(Object.entries(tasks).filter(([each]) => each !== key));

/** Where on the round it comes, how long it takes, and when it is due. */
function Place({ form }: { form: DeskForm<TaskField> }) {
  const t = useTranslations("turn-round");
  return (
    <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
      <FormSelect form={form} name="section">
        {prepSections.map((section) => (
          <option key={section} value={section}>
            {localize(prepWords.sections[section].name)}
          </option>
        ))}
      </FormSelect>
      <FormInput form={form} name="step" hint={t("step-hint")} inputMode="numeric" />
      <FormInput form={form} name="small" inputMode="numeric" />
      <FormInput form={form} name="large" inputMode="numeric" />
      <FormSelect form={form} name="when">
        {taskWhens.map((when) => (
          <option key={when} value={when}>
            {t(`when-${when}`)}
          </option>
        ))}
      </FormSelect>
      {form.typed.when === "always" ? <div /> : <FormInput form={form} name="days" inputMode="numeric" />}
      <FormSelect form={form} name="needs">
        <option value="">{t("needs-nothing")}</option>
        {taskNeeds.map((need) => (
          <option key={need} value={need}>
            {t(`needs-${need}`)}
          </option>
        ))}
      </FormSelect>
    </Box>
  );
}
