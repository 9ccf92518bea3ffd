"use client";
import { useTranslations } from "next-intl";
import { useEffect, useMemo, useRef, useState } from "react";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { reorder } from "@/core/yacht/draft/reorder";
import type { YachtFile } from "@/core/yacht/schema";
import { Segments } from "@/ui/kit/Segments";
import { Field } from "@/ui/Field";
import styles from "./inputs/Editor.module.css";
import { NewPart } from "./NewPart";
import { Sortable, SortableRow } from "../desk/shared/Sortable";
import { treeOf, type TreeGroup, type TreePart } from "./inputs/tree";
import type { Wanted } from "./inputs/useDraft";

interface Props {
  file: YachtFile;
  /** what her class has and her file has not */
  absent: readonly TreePart[];
  chosen: TreePart | null;
  disabled: boolean;
  onChoose: (part: TreePart) => void;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
  /** shows the part that a JSON pointer leads to */
  onMade: (path: string) => void;
  fields: Record<string, FieldSpec[]>;
}

const idOf = ({ collection, key }: TreePart) => `${collection} ${key}`;

const isFound = ({ name, key }: TreePart, wanted: string) =>
  name.toLowerCase().includes(wanted) || key.includes(wanted);

/** The groups with those of their parts whose name or key holds what is looked for. */
function found(groups: readonly TreeGroup[], wanted: string): readonly TreeGroup[] {
  if (wanted === "") return groups;
  return groups.flatMap((group) => {
    const parts = group.parts.filter((part) => isFound(part, wanted));
    return parts.length > 0 ? [{ ...group, parts }] : [];
  });
}

/** Every part of the file, by place, system or kind, to be found and chosen; what has an order of its own is dragged into another. */
export function FileTree({ file, fields, absent, chosen, disabled, onChoose, onChange, onMade }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [by, setBy] = useState<"place" | "system" | "collection">("place");
  const [sought, setSought] = useState("");
  const groups = useMemo(
    () =>
      treeOf(file, by, {
        noPlace: t("no-place"),
        system: (id) => all(`system.${id as "engine"}`),
        collection: (id) => t(`collection-${id as "fittings"}`),
      }),
    [file, by, t, all],
  );
  const wanted = sought.trim().toLowerCase();
  const shown = found(groups, wanted);
  const first = shown[0]?.parts[0];
  const find = useFindKey();
  const particulars: TreePart = { collection: "particulars", key: "", name: t("particulars"), order: null };
  return (
    <div className={styles.rail}>
      <nav className={styles.tree} aria-label={t("tree")}>
        <Field label={t("find")}>
          {(ids) => (
            <input
              {...ids}
              ref={find}
              value={sought}
              onChange={(event) => setSought(event.target.value)}
              onKeyDown={(event) => event.key === "Enter" && first && onChoose(first)}
            />
          )}
        </Field>
        <Segments
          label={t("by")}
          value={by}
          options={(["place", "system", "collection"] as const).map((value) => ({ value, word: t(`by-${value}`) }))}
          onChoose={setBy}
        />
        {wanted === "" && !disabled && <p className={styles.hint}>{t("drag-hint")}</p>}
        <PartButton part={particulars} isChosen={chosen?.collection === "particulars"} onChoose={onChoose} />
        {shown.map((group) => (
          <details key={`${by} ${group.id}`} open={wanted !== "" || undefined}>
            <summary>
              {group.name} ({group.parts.length})
            </summary>
            {/* what a search has left out would be jumped over unseen */}
            <Group
              group={group}
              chosen={chosen}
              disabled={disabled || wanted !== ""}
              onChoose={onChoose}
              onChange={onChange}
            />
          </details>
        ))}
        {absent.length > 0 && (
          <details open={wanted !== "" || undefined}>
            <summary>{t("absent", { parts: absent.length })}</summary>
            {absent
              .filter((part) => isFound(part, wanted))
              .map((part) => (
                <PartButton
                  key={idOf(part)}
                  part={part}
                  isChosen={chosen !== null && idOf(chosen) === idOf(part)}
                  onChoose={onChoose}
                />
              ))}
          </details>
        )}
        {!disabled && <NewPart file={file} fields={fields} onChange={onChange} onMade={onMade} />}
      </nav>
    </div>
  );
}

/** The field that the key / leads to, unless something is being typed. */
function useFindKey() {
  const find = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key !== "/" || /^(INPUT|TEXTAREA|SELECT)$/.test((event.target as HTMLElement).tagName)) return;
      event.preventDefault();
      find.current?.focus();
      find.current?.select();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, []);
  return find;
}

function Group({
  group,
  chosen,
  disabled,
  onChoose,
  onChange,
}: { group: TreeGroup } & Pick<Props, "chosen" | "disabled" | "onChoose" | "onChange">) {
  const ordered = group.parts.filter((part) => part.order !== null);
  const move = (from: number, to: number) => {
    const part = ordered[from];
    if (!part) return;
    // dropped among parts of another kind, it goes to the end of its like that is nearest
    const isLike = (each: TreePart) => each.collection === part.collection;
    const next = ordered.filter((each) => each !== part);
    next.splice(to, 0, part);
    const like = ordered.filter(isLike);
    const changes = reorder(
      like.map(({ key, order }) => ({ key, order: order ?? 0 })),
      like.indexOf(part),
      next.filter(isLike).indexOf(part),
    );
    void onChange(changes.map(({ key, order }) => ({ path: `/${part.collection}/${key}/order`, to: order })));
  };
  const button = (part: TreePart) => (
    <PartButton
      key={idOf(part)}
      part={part}
      isChosen={chosen !== null && idOf(chosen) === idOf(part)}
      onChoose={onChoose}
    />
  );
  if (disabled || ordered.length < 2) return group.parts.map(button);
  return (
    <Sortable ids={ordered.map(idOf)} disabled={disabled} onMove={move}>
      {group.parts.map((part) =>
        part.order === null ? (
          button(part)
        ) : (
          <SortableRow key={idOf(part)} id={idOf(part)} name={part.name} disabled={disabled}>
            {button(part)}
          </SortableRow>
        ),
      )}
    </Sortable>
  );
}

function PartButton({
  part,
  isChosen,
  onChoose,
}: {
  part: TreePart;
  isChosen: boolean;
  onChoose: (part: TreePart) => void;
}) {
  const t = useTranslations("editor");
  return (
    <button type="button" className={styles.part} aria-pressed={isChosen} onClick={() => onChoose(part)}>
      {part.name}{" "}
      {part.collection !== "particulars" && <small>{t(`collection-${part.collection as "fittings"}`)}</small>}
    </button>
  );
}
