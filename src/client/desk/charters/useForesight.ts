"use client";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue } from "react";
import { AppError } from "@/api/app-error";
import { foreseeChange } from "@/api/charters";
import type { Effect } from "@/core/charters/effects";
import { call, type Asked } from "../../api/call";

export type Becomes = NonNullable<Asked<typeof foreseeChange>["body"]>["becomes"];

export interface Foresight {
  effects: Effect[] | null;
  /** what keeps the change from being made */
  fault: string | null;
}

/** What a change of a charter would do; asked again whenever it changes. Undefined while what is typed is no change yet. */
export function useForesight(stayId: string, becomes: Becomes | undefined): Foresight {
  const asked = useDeferredValue(becomes);
  const { data, error } = useQuery({
    queryKey: ["foresee", stayId, asked],
    queryFn: () => call(foreseeChange, { params: { id: stayId }, body: { becomes: asked ?? null } }),
    enabled: asked !== undefined,
    placeholderData: (before) => before,
    retry: false,
  });
  return {
    effects: error || asked === undefined ? null : (data?.effects ?? null),
    fault: error instanceof AppError ? error.message : null,
  };
}
