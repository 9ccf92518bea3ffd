"use client";
import { useMutation } from "@tanstack/react-query";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useCallback, useRef, useState } from "react";
import { v4 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { AnyEndpoint, AnswerOf } from "@/api/endpoint";
import { toaster } from "@/ui/kit/toaster";
import { call, type Asked } from "./call";

/** What a form of the desk needs to send something to the base: whether it is on its way, and what the base said against it. */
export interface Requesting {
  /** in words, where it is about none of the fields that the form marks */
  fault: string | null;
  /** says something against the form, or against one of its fields */
  setFault: (words: string | null, field?: string) => void;
  /** what is said against one field, by the name it has in the body: `why`, `crew/2/name` */
  faultAt: (field: string) => string | null;
  busy: boolean;
  /** sends, says what was done and loads the page's facts anew when it was taken; `undo` is offered with it. Gives the answer, or null when it was not taken */
  request: <E extends AnyEndpoint>(endpoint: E, asked: Asked<E>, undo?: () => void) => Promise<AnswerOf<E> | null>;
}

/** Says at the foot of the desk what was done, where the catalogue has words for it, with a way to undo it where there is one. */
function useSayDone(): (name: string, undo?: () => void) => void {
  const t = useTranslations("done");
  return useCallback(
    (name, undo) => {
      if (!t.has(name as "undo")) return;
      toaster.create({
        title: t(name as "undo"),
        ...(undo ? { action: { label: t("undo"), onClick: undo } } : {}),
      });
    },
    [t],
  );
}

interface Fault {
  words: string;
  where: string | null;
}

/** The marked field that a place in a body is at or in: `/prices/items/3/words` is in `items/3`. */
const fieldOf = (where: string | null, marks: readonly string[]): string | undefined => {
  const path = `/${where ?? ""}/`.replace("//", "/");
  return where === null ? undefined : marks.find((mark) => path.includes(`/${mark}/`));
};

/**
 * Sends what a form of the desk holds; what the base refuses is said at the field that it names.
 *
 * @param marks the fields that the form marks, by their names in the body
 */
export function useRequest(marks: readonly string[] = []): Requesting {
  const t = useTranslations("desk");
  const router = useRouter();
  const sayDone = useSayDone();
  const [fault, setFault] = useState<Fault | null>(null);
  // what was sent and not answered may be there already: sent again it has the same key, and is done once
  const unanswered = useRef<{ sent: string; onceKey: string } | null>(null);
  const { mutateAsync, isPending } = useMutation({
    mutationFn: ({ endpoint, asked }: { endpoint: AnyEndpoint; asked: object }) => {
      const sent = `${endpoint.name} ${JSON.stringify(asked)}`;
      if (unanswered.current?.sent !== sent) unanswered.current = { sent, onceKey: uuid() };
      return call(endpoint, { ...asked, onceKey: unanswered.current.onceKey } as never);
    },
    onMutate: () => setFault(null),
    onSuccess: () => {
      unanswered.current = null;
      router.refresh();
    },
    onError: (error) => {
      if (error instanceof AppError && error.status < 500) unanswered.current = null;
      setFault(
        error instanceof AppError
          ? { words: error.message, where: error.where }
          : { words: t("no-signal"), where: null },
      );
    },
  });
  const request = useCallback(
    async <E extends AnyEndpoint>(endpoint: E, asked: Asked<E>, undo?: () => void): Promise<AnswerOf<E> | null> =>
      mutateAsync({ endpoint, asked }).then(
        (answer) => {
          sayDone(endpoint.name, undo);
          return answer as AnswerOf<E>;
        },
        () => null,
      ),
    [mutateAsync, sayDone],
  );
  const marked = fieldOf(fault?.where ?? null, marks);
  return {
    fault: marked === undefined ? (fault?.words ?? null) : null,
    setFault: useCallback(
      (words: string | null, field?: string) => setFault(words === null ? null : { words, where: field ?? null }),
      [],
    ),
    faultAt: (field) => (fault && field === marked ? fault.words : null),
    busy: isPending,
    request,
  };
}
