"use client";
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { useTranslations } from "next-intl";
import { useId, type ReactNode } from "react";
import styles from "./Sortable.module.css";

interface Props {
  /** what can be dragged, in its order */
  ids: readonly string[];
  disabled: boolean;
  onMove: (from: number, to: number) => void;
  children: ReactNode;
}

/** A list whose entries are put into another order by dragging their handle, or by keys on it: space, arrows, space. */
export function Sortable({ ids, disabled, onMove, children }: Props) {
  const t = useTranslations("editor");
  const id = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const at = (each: string | number) => ids.indexOf(String(each));
  const end = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onMove(at(active.id), at(over.id));
  };
  const place = (each: string | number | undefined) =>
    t("drag-at", { place: each === undefined ? 0 : at(each) + 1, of: ids.length });
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={end}
      accessibility={{
        screenReaderInstructions: { draggable: t("drag-keys") },
        announcements: {
          onDragStart: ({ active }) => place(active.id),
          onDragOver: ({ over }) => place(over?.id),
          onDragEnd: ({ over }) => place(over?.id),
          onDragCancel: () => t("drag-cancelled"),
        },
      }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy} disabled={disabled}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** One entry of such a list, with its handle in front. */
export function SortableRow({
  id,
  name,
  disabled,
  children,
}: {
  id: string;
  name: string;
  disabled: boolean;
  children: ReactNode;
}) {
  const t = useTranslations("editor");
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
    disabled,
  });
  return (
    <div
      ref={setNodeRef}
      className={styles.sorted}
      data-dragging={isDragging || undefined}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        {...attributes}
        {...listeners}
        ref={setActivatorNodeRef}
        type="button"
        disabled={disabled}
        className={styles.handle}
        aria-label={t("drag", { name })}
      >
        <svg viewBox="0 0 12 18" width="12" height="18" aria-hidden="true">
          <path d="M1 5h10M1 9h10M1 13h10" stroke="currentColor" strokeWidth="2" />
        </svg>
      </button>
      {children}
    </div>
  );
}
