"use client";
import { useQuery } from "@tanstack/react-query";
import { AppError } from "@/api/app-error";
import { previewMessage } from "@/api/messages";
import type { MessagePreview } from "@/api/schemas/messages";
import { call, type Asked } from "../../api/call";

export interface Previewed {
  said: MessagePreview | null;
  fault: string | null;
}

/** What a message to a charter's people would say; asked again whenever it changes. */
export function usePreview(stayId: string | null, asked: NonNullable<Asked<typeof previewMessage>["body"]>): Previewed {
  const { data, error } = useQuery({
    queryKey: ["message-preview", stayId, asked],
    queryFn: () => call(previewMessage, { params: { id: stayId ?? "" }, body: asked }),
    enabled: stayId !== null,
    placeholderData: (before) => before,
    retry: false,
  });
  return { said: error ? null : (data ?? null), fault: error instanceof AppError ? error.message : null };
}
