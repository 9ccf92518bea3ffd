"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import type { DraftScreen } from "@/api/schemas/draft";
import { isUntold } from "@/core/checks/untold";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import { FileTree } from "./FileTree";
import styles from "./inputs/Editor.module.css";
import { partName, type TreePart } from "./inputs/tree";
import { useDraft, type Draft } from "./inputs/useDraft";
import { PasteInventory } from "./PasteInventory";
import { ProposedPart } from "./ProposedPart";
import { PublishPart } from "./PublishPart";
import { EditorBar } from "./shell/EditorBar";
import { EditorHead, pageOf, type View } from "./shell/EditorHead";
import { LatelyEdited } from "./shell/LatelyEdited";
import { OpenPart } from "./OpenPart";
import { ToldPart } from "./ToldPart";
import { StaleDraft } from "./shell/StaleDraft";
import { useUndoKeys } from "./shell/useUndoKeys";

interface Props {
  /** what is shown first: after a file was put in, what that would publish */
  opens?: View;
  first: DraftScreen;
  fields: Record<string, FieldSpec[]>;
  mayEdit: boolean;
  mayPublish: boolean;
  timeZone: string;
}

/** The file of a yacht or of a class at the desk: a tree at the left, the fields of the chosen part at the right; it keeps itself. */
export function FileEditor({ first, fields, mayEdit, mayPublish, timeZone, opens }: Props) {
  const t = useTranslations("editor");
  const draft = useDraft(first);
  const { screen } = draft;
  const { document, file } = screen;
  const [chosen, setChosen] = useState<TreePart | null>(null);
  const [view, setView] = useState<View>(() => opens ?? firstView(first));
  const absent = useMemo(
    () => screen.absent.map(({ collection, key, name }): TreePart => ({ collection, key, name, order: null })),
    [screen],
  );
  useUndoKeys(draft.undo, draft.redo);
  const choose = (part: TreePart) => {
    setChosen(part);
    setView("part");
  };
  const open = (at: string) => {
    const [, collection = "", key = ""] = at.split("/");
    const name =
      collection === "particulars" ? t("particulars") : partName(valueAt(document, `/${collection}/${key}`) ?? {}, key);
    choose({ collection, key, name, order: null });
  };
  return (
    <main className={styles.page}>
      <EditorHead screen={screen} view={view} onView={setView} />
      {screen.isStale && <StaleDraft file={file} onDone={draft.look} />}
      <EditorBar draft={draft} />
      <div className={styles.body}>
        <FileTree
          file={document}
          fields={fields}
          onMade={open}
          absent={absent}
          chosen={chosen}
          disabled={!mayEdit}
          onChange={draft.change}
          onChoose={choose}
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
          {view === "told" && <ToldPart {...{ draft, fields, mayEdit }} onOpen={open} />}
          {view === "publish" && (
            <PublishPart
              {...{ screen, mayEdit, mayPublish }}
              page={pageOf(file)}
              onTell={() => setView("told")}
              onOpen={open}
              onRight={draft.right}
            />
          )}
          {view === "part" && (
            <ChosenPart {...{ draft, chosen, fields, mayEdit, timeZone }} onChoose={setChosen} onOpen={open} />
          )}
        </div>
      </div>
    </main>
  );
}

/** A yacht or class that has never been published is opened at what nobody has told of her yet. */
const firstView = ({ file, findings }: DraftScreen): View =>
  file.revision === 0 && findings.some(isUntold) ? "told" : "part";

/** The part chosen in the tree: nothing yet, one that was taken out, or its fields. */
function ChosenPart({
  draft,
  chosen,
  fields,
  mayEdit,
  timeZone,
  onChoose,
  onOpen,
}: Pick<Props, "fields" | "mayEdit" | "timeZone"> & {
  draft: Draft;
  chosen: TreePart | null;
  onChoose: (part: TreePart) => void;
  onOpen: (path: string) => void;
}) {
  const t = useTranslations("editor");
  const { screen } = draft;
  if (!chosen) return <LatelyEdited lately={screen.lately} timeZone={timeZone} />;
  const { collection, key } = chosen;
  const isParticulars = collection === "particulars";
  const path = isParticulars ? "/particulars" : `/${collection}/${key}`;
  if (isParticulars || valueAt(screen.document, path) !== null)
    return (
      <OpenPart
        {...{ draft, path, mayEdit, timeZone, onChoose, onOpen }}
        part={chosen}
        fields={fields[collection] ?? []}
      />
    );
  const lost = screen.absent.find((each) => each.collection === collection && each.key === key);
  return (
    <>
      <p>{t("taken-out", { name: chosen.name })}</p>
      {lost && mayEdit && (
        <Button justifySelf="start" onClick={() => void draft.change([{ path, to: lost.part }])}>
          {t("put-aboard")}
        </Button>
      )}
    </>
  );
}
