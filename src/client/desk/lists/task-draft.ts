import { taskNeeds, taskWhens, type Task } from "@/core/tasks/task";
import { prepSections } from "@/core/tasks/sections";
import type { Typed } from "../../forms/useDeskForm";

/** The fields of a task, as they are typed. */
export const taskFields = [
  "name",
  "how",
  "caution",
  "section",
  "step",
  "small",
  "large",
  "when",
  "days",
  "needs",
] as const;
export type TaskField = (typeof taskFields)[number];

/** What is said against a field, by message. */
export type TaskFault = "name-missing" | "how-missing" | "number-wrong" | "days-missing";

const isWhole = (text: string, most: number) => /^\d{1,3}$/.test(text.trim()) && Number(text) <= most;

/** A task as it stands in its fields; a new one with what is usual. */
export const typedTask = (task: Task | null): Typed<TaskField> => ({
  name: task?.name.en ?? "",
  how: task?.how.en ?? "",
  caution: task?.caution?.en ?? "",
  section: task?.section ?? "turn-round",
  step: String(task?.step ?? 50),
  small: String(task?.minutes.small ?? 10),
  large: String(task?.minutes.large ?? 20),
  when: task?.when ?? "always",
  days: String(task?.days ?? ""),
  needs: task?.needs ?? "",
});

/** What is wrong with what was typed. */
export function taskFaults(typed: Typed<TaskField>): Partial<Record<TaskField, TaskFault>> {
  const faults: Partial<Record<TaskField, TaskFault>> = {};
  if (typed.name.trim() === "") faults.name = "name-missing";
  if (typed.how.trim() === "") faults.how = "how-missing";
  if (!isWhole(typed.step, 99)) faults.step = "number-wrong";
  for (const field of ["small", "large"] as const) if (!isWhole(typed[field], 600)) faults[field] = "number-wrong";
  if (typed.when !== "always" && !(isWhole(typed.days, 400) && Number(typed.days) > 0)) faults.days = "days-missing";
  return faults;
}

/** The task that was typed, with its words in other languages as they were. Only for what has no faults. */
export function taskOf(typed: Typed<TaskField>, before: Task | null, onlyOn: readonly string[]): Task {
  const when = taskWhens.find((each) => each === typed.when) ?? "always";
  const needs = taskNeeds.find((each) => each === typed.needs);
  const words = (field: "name" | "how" | "caution") => ({ ...before?.[field], en: typed[field].trim() });
  return {
    name: words("name"),
    how: words("how"),
    ...(typed.caution.trim() === "" ? {} : { caution: words("caution") }),
    section: prepSections.find((each) => each === typed.section) ?? "turn-round",
    step: Number(typed.step),
    minutes: { small: Number(typed.small), large: Number(typed.large) },
    when,
    ...(when === "always" ? {} : { days: Number(typed.days) }),
    ...(needs ? { needs } : {}),
    ...(onlyOn.length > 0 ? { onlyOn: [...onlyOn] } : {}),
  };
}
