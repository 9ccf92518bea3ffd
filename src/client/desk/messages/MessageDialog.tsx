"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { keepMessages } from "@/api/messages";
import { languages, usualLanguage, type Language } from "@/core/basics/languages";
import { templateFaults } from "@/core/messages/fill";
import { kindsOfMessage, namesOf, type MessageKind } from "@/core/messages/kinds";
import type { MessageSettings, MessageTemplate } from "@/core/messages/template";
import { Field } from "@/ui/Field";
import { Dialog } from "@/ui/kit/Dialog";
import { Segments } from "@/ui/kit/Segments";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormText } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { CheckRow } from "../shared/CheckRow";
import { MessagePreviewPart } from "./MessagePreviewPart";
import type { MessagesOfBase } from "./messages-of-base";
import { usePreview } from "./usePreview";

interface Props extends MessagesOfBase {
  kind: MessageKind;
  onClose: () => void;
}

/** One kind of message: its words in each language, shown on a real charter as they are typed. */
export function MessageDialog(props: Props) {
  const { kind, onClose } = props;
  const t = useTranslations("outbox");
  const common = useTranslations("common");
  const [language, setLanguage] = useState<Language>(usualLanguage);
  const [goesByHand, setGoesByHand] = useState(props.messages.byHandOnly.includes(kind));
  return (
    <Dialog title={t(`kind-${kind}`)} closeWord={common("back")} onClose={onClose} atSide>
      <Box display="grid" gap="3">
        <Segments
          label={t("language")}
          options={languages.map((each) => ({ value: each, word: t(`language-${each}`) }))}
          value={language}
          onChoose={setLanguage}
        />
        {kindsOfMessage[kind].before && (
          <CheckRow checked={!goesByHand} onChange={(isOn) => setGoesByHand(!isOn)}>
            {t("by-itself")}
          </CheckRow>
        )}
        <Words key={language} {...props} language={language} goesByHand={goesByHand} />
      </Box>
    </Dialog>
  );
}

/** The settings with one kind's words in a language, without those that are the usual ones. */
function settingsWith(
  { messages, usual, kind }: Props,
  language: Language,
  template: MessageTemplate,
  goesByHand: boolean,
): MessageSettings {
  const { subject, words } = usual[kind][language];
  const isUsual = template.subject === subject && template.words === words;
  const { [language]: _before, ...others } = messages.words[kind] ?? {};
  const own = isUsual ? others : { ...others, [language]: template };
  const { [kind]: _kind, ...rest } = messages.words;
  return {
    words: Object.keys(own).length === 0 ? rest : { ...rest, [kind]: own },
    byHandOnly: [...messages.byHandOnly.filter((each) => each !== kind), ...(goesByHand ? [kind] : [])],
  };
}

function Words(props: Props & { language: Language; goesByHand: boolean }) {
  const { messages, number, usual, charters, kind, language, goesByHand, onClose } = props;
  const t = useTranslations("outbox");
  const [charter, setCharter] = useState(charters[0]?.id ?? null);
  const first = messages.words[kind]?.[language] ?? usual[kind][language];
  const form = useDeskForm(keepMessages, {
    fields: {
      subject: { label: t("subject"), typed: first.subject },
      words: { label: t("words"), typed: first.words },
    },
    says: (typed) => {
      const [fault] = templateFaults(kind, typed);
      const says = fault ? t(`say-${fault.what}`, { name: fault.name }) : null;
      return fault?.what === "secret-in-subject" ? { subject: says } : { words: says };
    },
    ask: (typed) => ({ body: { onNumber: number, messages: settingsWith(props, language, typed, goesByHand) } }),
    onTaken: onClose,
  });
  const template = { subject: form.typed.subject, words: form.typed.words };
  const isWhole =
    template.subject.trim() !== "" && template.words.trim() !== "" && templateFaults(kind, template).length === 0;
  const preview = usePreview(isWhole ? charter : null, { kind, language, template });
  const { needs } = kindsOfMessage[kind];
  return (
    <>
      <FormFrame form={form} action={t("keep")}>
        {kindsOfMessage[kind].way === "mail" && <FormInput form={form} name="subject" maxLength={150} />}
        <FormText form={form} name="words" rows={12} maxLength={4000} />
        {needs.length > 0 && <p>{t("needs", { names: needs.map((name) => `{${name}}`).join(", ") })}</p>}
        <Box as="fieldset" display="flex" flexWrap="wrap" gap="2">
          <chakra.legend fontWeight="600">{t("names")}</chakra.legend>
          {namesOf(kind).map((name) => (
            <Button
              key={name}
              type="button"
              size="sm"
              aria-label={t("put-in", { name: t(`name-${name}` as "name-name") })}
              onClick={() => form.set("words", `${form.typed.words}{${name}}`)}
            >
              {t(`name-${name}` as "name-name")}
            </Button>
          ))}
        </Box>
      </FormFrame>
      <Button
        justifySelf="start"
        onClick={() => {
          form.set("subject", usual[kind][language].subject);
          form.set("words", usual[kind][language].words);
        }}
      >
        {t("usual-again")}
      </Button>
      {charters.length === 0 ? (
        <p>{t("no-charter")}</p>
      ) : (
        <Field label={t("on-charter")}>
          {(ids) => (
            <select {...ids} value={charter ?? ""} onChange={(event) => setCharter(event.target.value)}>
              {charters.map(({ id, reference, skipper }) => (
                <option key={id} value={id}>
                  {reference}, {skipper}
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
      {isWhole && <MessagePreviewPart {...preview} />}
    </>
  );
}
