"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState, useSyncExternalStore, type InputHTMLAttributes } from "react";
import { setUpBase, trySetUpCode } from "@/api/set-up";
import { languages, usualLanguage } from "@/core/basics/languages";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { DoorPage } from "../desk/shared/DoorPage";
import { CheckRow } from "../desk/shared/CheckRow";
import { Fault } from "../desk/shared/Fault";
import {
  forgetTyped,
  keepTyped,
  setUpFault,
  setUpFields,
  setUpSteps,
  stepOf,
  typedBefore,
  type SetUpField,
  type SetUpStep,
  type SetUpTyped,
} from "./steps";

const never = () => () => undefined;

/** Sets up a base, question by question; what was typed stays on this device until it is done. */
export function SetUp() {
  // the server draws the page before it knows what this device kept
  const isHere = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return isHere ? <Questions /> : null;
}

function Questions() {
  const t = useTranslations("set-up");
  const { typed, change, step, go, faultAt, fault, busy, next } = useSetUp();
  const at = setUpSteps.findIndex(({ name }) => name === step);
  return (
    <DoorPage>
      <p>{t("step", { step: at + 1, of: setUpSteps.length })}</p>
      <h1>{t(`title-${step}`)}</h1>
      <p>{t(`words-${step}`)}</p>
      <chakra.form
        noValidate
        display="grid"
        gap="4"
        onSubmit={(event) => {
          event.preventDefault();
          void next();
        }}
      >
        <StepFields key={step} step={step} typed={typed} faultAt={faultAt} onChange={change} />
        <Fault words={fault} />
        <Box display="flex" gap="3">
          <Button type="submit" variant="solid" size="lg" disabled={busy}>
            {t(step === "you" ? "make" : "next")}
          </Button>
          {at > 0 && (
            <Button size="lg" onClick={() => go(setUpSteps[at - 1]?.name ?? "code")}>
              {t("back")}
            </Button>
          )}
        </Box>
      </chakra.form>
    </DoorPage>
  );
}

/** What is typed, where one is, what is wrong, and how one goes on. */
function useSetUp() {
  const t = useTranslations("set-up");
  const [typed, setTyped] = useState<SetUpTyped>(typedBefore);
  const [chosen, setChosen] = useState<SetUpStep>("code");
  const [own, setOwn] = useState<Partial<Record<SetUpField, string>>>({});
  const { request, fault, setFault, faultAt, busy } = useRequest(setUpFields);
  // what the base refused is said at its field, on the screen that asks for it
  const refused = setUpFields.find((field) => faultAt(field) !== null);
  const step = (refused && stepOf(refused)) ?? chosen;
  const go = (to: SetUpStep) => {
    setOwn({});
    setFault(null);
    setChosen(to);
  };
  const change = (field: SetUpField, value: string) => {
    const now = { ...typed, [field]: value };
    setTyped(now);
    keepTyped(now);
    setOwn((before) => ({ ...before, [field]: undefined }));
    // one stays where one is when what was refused is mended
    setChosen(step);
    setFault(null);
  };
  const next = async () => {
    const { fields } = setUpSteps.find(({ name }) => name === step) ?? setUpSteps[0];
    const faults = fields.flatMap((field: SetUpField) => {
      const said = setUpFault(field, typed);
      return said ? [[field, t(`fault-${said}`)] as const] : [];
    });
    setOwn(Object.fromEntries(faults));
    if (faults.length > 0) return;
    setFault(null);
    if (step === "code") {
      if (await request(trySetUpCode, { body: { code: typed.code.trim() } })) go("base");
    } else if (step !== "you") {
      go(setUpSteps[setUpSteps.findIndex(({ name }) => name === step) + 1]?.name ?? "you");
    } else if (await request(setUpBase, { body: bodyOf(typed) })) {
      forgetTyped();
      location.assign("/today");
    }
  };
  return { typed, change, step, go, faultAt: (field: SetUpField) => own[field] ?? faultAt(field), fault, busy, next };
}

function bodyOf(typed: SetUpTyped) {
  const { channel, hours } = typed;
  return {
    code: typed.code.trim(),
    base: {
      name: typed["base/name"].trim(),
      place: typed["base/place"].trim(),
      timeZone: typed.timeZone,
      currency: typed.currency,
      languages: languages.filter((language) => typed.languages.split(" ").includes(language)),
      phone: typed.phone.trim(),
      ...(channel.trim() === "" ? {} : { channel: channel.trim().toUpperCase() }),
      ...(hours.trim() === "" ? {} : { hours: hours.trim() }),
    },
    manager: { name: typed["manager/name"].trim(), email: typed.email.trim(), password: typed.password },
  };
}

interface FieldsProps {
  step: SetUpStep;
  typed: SetUpTyped;
  faultAt: (field: SetUpField) => string | null;
  onChange: (field: SetUpField, value: string) => void;
}

const inputs: Partial<Record<SetUpField, InputHTMLAttributes<HTMLInputElement>>> = {
  code: { autoComplete: "one-time-code", maxLength: 40, spellCheck: false },
  "base/name": { maxLength: 80, autoComplete: "organization" },
  "base/place": { maxLength: 120 },
  phone: { type: "tel", maxLength: 40 },
  channel: { maxLength: 3 },
  hours: { maxLength: 120 },
  "manager/name": { maxLength: 80, autoComplete: "name" },
  email: { type: "email", maxLength: 200, autoComplete: "username" },
  password: { type: "password", maxLength: 200, autoComplete: "new-password" },
};

/** The fields of one question; the first has the focus. */
function StepFields({ step, typed, faultAt, onChange }: FieldsProps) {
  const t = useTranslations("set-up");
  const { fields } = setUpSteps.find(({ name }) => name === step) ?? setUpSteps[0];
  return fields.map((field: SetUpField, at) => {
    if (field === "languages")
      return <Languages key={field} value={typed.languages} onChange={(to) => onChange(field, to)} />;
    const word = field.replace("/", "-") as "code";
    const hint = t.has(`hint-${word}`) ? t(`hint-${word}` as "hint-code") : undefined;
    return (
      <Field key={field} label={t(word)} hint={hint} error={faultAt(field)}>
        {(ids) =>
          field === "timeZone" || field === "currency" ? (
            <select {...ids} value={typed[field]} onChange={(event) => onChange(field, event.target.value)}>
              {optionsOf(field, typed[field]).map((each) => (
                <option key={each} value={each}>
                  {field === "currency" ? `${each}, ${currencyName(each)}` : each.replaceAll("_", " ")}
                </option>
              ))}
            </select>
          ) : (
            <input
              {...inputs[field]}
              {...ids}
              autoFocus={at === 0}
              value={typed[field]}
              onChange={(event) => onChange(field, event.target.value)}
            />
          )
        }
      </Field>
    );
  });
}

/** What can be chosen; what a device is set to may be no name of the list, such as UTC. */
const optionsOf = (field: "timeZone" | "currency", now: string): string[] => {
  const known = Intl.supportedValuesOf(field);
  return known.includes(now) ? known : [now, ...known];
};

const currencyName = (code: string) => new Intl.DisplayNames(usualLanguage, { type: "currency" }).of(code) ?? code;

/** In which languages crews are spoken to; English is always one of them. */
function Languages({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const t = useTranslations("set-up");
  const chosen = value.split(" ");
  return (
    <fieldset>
      <chakra.legend fontWeight="600">{t("languages")}</chakra.legend>
      {languages
        .filter((language) => language !== usualLanguage)
        .map((language) => (
          <CheckRow
            key={language}
            checked={chosen.includes(language)}
            onChange={(isOn) =>
              onChange(languages.filter((each) => (each === language ? isOn : chosen.includes(each))).join(" "))
            }
          >
            {t(`language-${language}`)}
          </CheckRow>
        ))}
    </fieldset>
  );
}
