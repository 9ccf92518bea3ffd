"use client";
import { useMutation } from "@tanstack/react-query";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useCallback, useState } from "react";
import { AppError } from "@/api/app-error";
import type { AnyEndpoint, AnswerOf } from "@/api/endpoint";
import { call, type Asked } from "./call";

/** What a form of the desk needs to send something to the base: whether it is on its way, and what the base said against it. */
export interface Requesting {
  /** in words, with the field that it is about where the base named one */
  fault: string | null;
  setFault: (words: string | null) => void;
  /** what is said against one field, by the name it has in the body */
  faultAt: (field: string) => string | null;
  busy: boolean;
  /** sends, and loads the page's facts anew when it was taken; gives the answer, or null when it was not taken */
  request: <E extends AnyEndpoint>(endpoint: E, asked: Asked<E>) => Promise<AnswerOf<E> | null>;
}

interface Fault {
  words: string;
  where: string | null;
}

/** Sends what a form of the desk holds; what the base refuses is said at the field that it names. */
export function useRequest(): Requesting {
  const t = useTranslations("desk");
  const router = useRouter();
  const [fault, setFault] = useState<Fault | null>(null);
  const { mutateAsync, isPending } = useMutation({
    mutationFn: ({ endpoint, asked }: { endpoint: AnyEndpoint; asked: unknown }) => call(endpoint, asked as never),
    onMutate: () => setFault(null),
    onSuccess: () => router.refresh(),
    onError: (error) =>
      setFault(
        error instanceof AppError
          ? { words: error.message, where: error.where }
          : { words: t("no-signal"), where: null },
      ),
  });
  const request = useCallback(
    async <E extends AnyEndpoint>(endpoint: E, asked: Asked<E>): Promise<AnswerOf<E> | null> =>
      mutateAsync({ endpoint, asked }).then(
        (answer) => answer as AnswerOf<E>,
        () => null,
      ),
    [mutateAsync],
  );
  return {
    fault: fault?.words ?? null,
    setFault: useCallback((words: string | null) => setFault(words === null ? null : { words, where: null }), []),
    faultAt: (field) => (fault && fault.where?.split("/").at(-1) === field ? fault.words : null),
    busy: isPending,
    request,
  };
}
