"use client";
import { signOut as signOutHere } from "@/api/sign-in";
import { useState } from "react";
import { call } from "../../api/call";
import { forgetBegunCharter } from "../../store/begun-charter";

interface SigningOut {
  /** yachts with something on this device that the base does not have yet; null while nobody asked to leave */
  stays: readonly string[] | null;
  /** leaves; where something would stay, first says so and leaves when asked again */
  signOut: () => Promise<void>;
  /** stays signed in after all */
  stay: () => void;
}

/** Signing out of a tablet that others use: what is private goes, what is not at the base yet stays. */
export function useSignOut(person: string): SigningOut {
  const [stays, setStays] = useState<string[] | null>(null);
  const signOut = async () => {
    // what others must not read on a shared tablet goes; what is not at the base yet stays, and that is said first
    const { eraseOf } = await import("../../store/erase");
    const { NoteStore } = await import("../../store/note-store");
    const notes = NoteStore.open();
    notes.actAs(person);
    const left =
      stays === null
        ? [
            ...(await eraseOf(person).catch(() => ({ stays: [] as string[] }))).stays,
            ...(await notes.leave().catch(() => [])),
          ]
        : [];
    if (left.length > 0) return setStays(left);
    forgetBegunCharter();
    await call(signOutHere, {}).catch(() => undefined);
    location.assign("/sign-in");
  };
  return { stays, signOut, stay: () => setStays(null) };
}
