"use client";
import { carryDraft } from "@/api/drafts";
import { call } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useEffect, useMemo, useState } from "react";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import { typedFigures } from "@/core/yacht/typed-figures";
import { freeKey } from "@/core/yacht/note/propose";
import type { DraftScreen, FileName } from "@/api/schemas/draft";
import { fieldWords } from "@/messages/change-words";
import { Chip } from "@/ui/Chip";
import { Choice } from "@/ui/Choice";
import { EditingContext } from "./inputs/editing";
import { FileTree } from "./FileTree";
import { FieldFindings } from "./inputs/FieldFindings";
import { NewThingHere } from "./NewThingHere";
import { PartFields } from "./PartFields";
import { PasteInventory } from "./PasteInventory";
import { ProposedPart } from "./ProposedPart";
import { PublishPart } from "./PublishPart";
import { ReachPart } from "./ReachPart";
import styles from "./inputs/Editor.module.css";
import { partName, type TreePart } from "./inputs/tree";
import { useDraft } from "./inputs/useDraft";

interface Props {
  /** what is shown first: after a file was put in, what that would publish */
  opens?: View;
  first: DraftScreen;
  fields: Record<string, FieldSpec[]>;
  mayEdit: boolean;
  mayPublish: boolean;
  timeZone: string;
}

export type View = "part" | "proposed" | "paste" | "publish";
const pageOf = ({ of, slug }: FileName) => (of === "classes" ? `/fleet/class/${slug}` : `/fleet/${slug}`);

/** The file of a yacht or of a class at the desk: a tree at the left, the fields of the chosen part at the right; it keeps itself. */
export function FileEditor({ first, fields, mayEdit, mayPublish, timeZone, opens = "part" }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const format = useFormatter();
  const draft = useDraft(first);
  const { screen, state, fault } = draft;
  const { document, file } = screen;
  const isClass = file.of === "classes";
  const views: View[] = isClass ? ["part", "paste", "publish"] : ["part", "proposed", "paste", "publish"];
  const [chosen, setChosen] = useState<TreePart | null>(null);
  const [view, setView] = useState<View>(opens);
  const path = chosen && (chosen.collection === "particulars" ? "/particulars" : `/${chosen.collection}/${chosen.key}`);
  const isThere =
    chosen !== null && path !== null && (chosen.collection === "particulars" || valueAt(document, path) !== null);
  const absent = useMemo(
    () => screen.absent.map(({ collection, key, name }): TreePart => ({ collection, key, name, order: null })),
    [screen],
  );
  const lost =
    chosen && screen.absent.find(({ collection, key }) => collection === chosen.collection && key === chosen.key);
  const errors = screen.findings.filter((finding) => finding.level === "error").length;
  const typed = useMemo(() => typedFigures(document), [document]);
  const { undo, redo } = draft;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (
        !(event.ctrlKey || event.metaKey) ||
        event.key.toLowerCase() !== "z" ||
        /^(INPUT|TEXTAREA)$/.test((event.target as HTMLElement).tagName)
      )
        return;
      event.preventDefault();
      void (event.shiftKey ? redo() : undo());
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [undo, redo]);
  const open = (at: string) => {
    const [, collection = "", key = ""] = at.split("/");
    setChosen({
      collection,
      key,
      name:
        collection === "particulars"
          ? t("particulars")
          : partName(valueAt(document, `/${collection}/${key}`) ?? {}, key),
      order: null,
    });
    setView("part");
  };
  const copy = async () => {
    if (!chosen || !path) return;
    const parts = (document as unknown as Record<string, Record<string, unknown>>)[chosen.collection] ?? {};
    const key = freeKey(parts, chosen.key);
    if (await draft.change([{ path: `/${chosen.collection}/${key}`, to: valueAt(document, path) }]))
      setChosen({ ...chosen, key });
  };
  const takeOut = async () => {
    if (path) await draft.change([{ path, to: null }]);
  };
  return (
    <main className={styles.page}>
      <div className={styles.head}>
        <Box>
          <h1>{t(isClass ? "heading-class" : "heading", { name: file.name })}</h1>
          <p>
            {file.revision > 0 ? (
              <Link href={pageOf(file)}>{t("revision", { revision: screen.onRevision })}</Link>
            ) : (
              t("first-draft")
            )}{" "}
            · {t("edits", { edits: screen.number })}
            {!isClass && (
              <>
                {" "}
                · <a href={`/survey#${file.slug}`}>{all("survey.link")}</a>
              </>
            )}
          </p>
        </Box>
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
          <Choice
            label={t("view")}
            value={view}
            options={views.map((value) => ({
              value,
              word: t(`view-${value}`, { notes: screen.notes.length + screen.moved.length }),
            }))}
            onChoose={setView}
          />
        </Box>
      </div>
      {screen.isStale && <Stale file={file} onDone={draft.look} />}
      <div className={styles.bar}>
        <Button disabled={!screen.undo} onClick={() => void undo()}>
          {t("undo")}
        </Button>
        <Button disabled={!screen.redo} onClick={() => void redo()}>
          {t("redo")}
        </Button>
        <span role="status">{t(`state-${state}`)}</span>
        <Chip verdict={errors > 0 ? "stop" : screen.findings.length > 0 ? "watch" : "fine"}>
          {t("checks", { errors, warnings: screen.findings.length - errors })}
        </Chip>
        {fault && (
          <strong role="alert" className={styles.refused}>
            {fault.words}
          </strong>
        )}
      </div>
      <div className={styles.body}>
        <FileTree
          file={document}
          fields={fields}
          onMade={open}
          absent={absent}
          chosen={chosen}
          disabled={!mayEdit}
          onChange={draft.change}
          onChoose={(part) => {
            setChosen(part);
            setView("part");
          }}
        />
        <div className={styles.main}>
          {view === "proposed" && (
            <ProposedPart
              slug={file.slug}
              screen={screen}
              mayEdit={mayEdit}
              timeZone={timeZone}
              onDone={draft.look}
              onMove={(wantedMove) => draft.change([wantedMove])}
            />
          )}
          {view === "paste" && mayEdit && <PasteInventory file={file} onDone={draft.look} />}
          {view === "publish" && (
            <PublishPart screen={screen} mayEdit={mayEdit} mayPublish={mayPublish} page={pageOf(file)} />
          )}
          {view === "part" && !chosen && (
            <>
              <p>{t("choose")}</p>
              {screen.lately.length > 0 && (
                <>
                  <h2>{t("lately")}</h2>
                  <ul>
                    {screen.lately.map((each, index) => (
                      <li key={`${each.at} ${each.path} ${index}`}>
                        {each.isMine ? t("you") : each.by},{" "}
                        {format.dateTime(new Date(each.at), {
                          hour: "2-digit",
                          minute: "2-digit",
                          hourCycle: "h23",
                          timeZone,
                        })}
                        : <code>{each.path}</code>
                      </li>
                    ))}
                  </ul>
                </>
              )}
            </>
          )}
          {view === "part" && chosen && path && !isThere && (
            <>
              <p>{t("taken-out", { name: chosen.name })}</p>
              {lost && mayEdit && (
                <Button justifySelf="start" onClick={() => void draft.change([{ path, to: lost.part }])}>
                  {t("put-aboard")}
                </Button>
              )}
            </>
          )}
          {view === "part" && chosen && path && isThere && (
            <section aria-label={chosen.name} className={styles.fields}>
              <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="3" alignItems="center">
                <h2>
                  {chosen.collection === "particulars"
                    ? chosen.name
                    : partName(valueAt(document, path) ?? {}, chosen.key)}
                </h2>
                {chosen.collection !== "particulars" && mayEdit && (
                  <Box display="flex" gap="2">
                    <Button onClick={() => void copy()}>{t("copy")}</Button>
                    <Button onClick={() => void takeOut()}>{t("take-out")}</Button>
                  </Box>
                )}
              </Box>
              <chakra.p>
                <code>{path}</code>
                {screen.lately
                  .filter((each) => !each.isMine && (each.path === path || each.path.startsWith(`${path}/`)))
                  .slice(0, 1)
                  .map((each) => (
                    <span key={each.at}>
                      {" "}
                      ·{" "}
                      {t("changed-by", {
                        by: each.by,
                        at: format.dateTime(new Date(each.at), {
                          hour: "2-digit",
                          minute: "2-digit",
                          hourCycle: "h23",
                          timeZone,
                        }),
                        field: fieldWords(each.path.split("/")[3] ?? ""),
                      })}
                    </span>
                  ))}
              </chakra.p>
              <FieldFindings findings={screen.findings.filter((finding) => finding.path === path)} />
              {isClass && <ReachPart sisters={screen.sisters} path={path} fields={fields[chosen.collection] ?? []} />}
              {chosen.collection === "places" && mayEdit && (
                <NewThingHere
                  key={`new ${path}`}
                  file={document}
                  place={chosen.key}
                  today={screen.today}
                  onChange={draft.change}
                  onMade={open}
                />
              )}
              <EditingContext
                value={{
                  file: document,
                  collection: chosen.collection,
                  findings: screen.findings,
                  typed,
                  fault,
                  disabled: !mayEdit,
                  onChange: draft.change,
                  onOpen: open,
                }}
              >
                <PartFields key={path} path={path} fields={fields[chosen.collection] ?? []} />
              </EditingContext>
            </section>
          )}
        </div>
      </div>
    </main>
  );
}

/** Somebody published a newer revision meanwhile: the draft is brought onto it, and what does not fit is named. */
function Stale({ file: { of, slug, revision }, onDone }: { file: DraftScreen["file"]; onDone: () => Promise<void> }) {
  const t = useTranslations("editor");
  const [said, setSaid] = useState<string | null>(null);
  const carry = async () => {
    const body = await call(carryDraft, { params: { of, slug } }).catch(() => null);
    setSaid(
      body
        ? t("carried", {
            kept: body.kept,
            conflicts: body.conflicts.length,
            paths: body.conflicts.map((each) => each.path).join(", "),
          })
        : t("not-carried"),
    );
    await onDone();
  };
  return (
    <Box className={styles.fault} display="flex" flexWrap="wrap" gap="3" alignItems="center">
      <span>{said ?? (revision > 0 ? t("stale", { revision }) : t("stale-class"))}</span>
      <Button onClick={() => void carry()}>{t("carry")}</Button>
    </Box>
  );
}
