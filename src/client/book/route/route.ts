import { useCallback, useSyncExternalStore } from "react";
import { isPlanner, type PlannerName } from "../../planners/names";
import { findableKinds, type FindableKind } from "@/core/yacht/finder/findable-kinds";

export const bookTabs = ["today", "find", "plan", "papers"] as const;
export type BookTab = (typeof bookTabs)[number];

/** What a tab shows in full: something found, or a place of the plan. */
export type Show = { kind: FindableKind | "place"; key: string };

/** Where one is in a boat book. */
export interface BookRoute {
  at: BookTab | "study" | "area" | "trouble" | "drill" | "handle" | PlannerName;
  show: Show | null;
  /** in trouble: which fault one is led through */
  fault: string | null;
  /** of her devices to be worked beforehand: which one */
  drill: string | null;
  /** on Find: what can be wrong, instead of the field alone */
  isWrong: boolean;
}

const isKind = (text: string | undefined): text is Show["kind"] =>
  text === "place" || (findableKinds as readonly (string | undefined)[]).includes(text);

/** Reads an address without what stands before it: `find/fitting/gas-tap`, `plan/place/galley`, `trouble/no-water`. */
export function routeFrom(path: string, first: BookTab): BookRoute {
  const [tab, kind, key] = path.split("/");
  const at =
    tab === "study" || tab === "area" || tab === "trouble" || tab === "drill" || tab === "handle" || isPlanner(tab)
      ? tab
      : (bookTabs.find((each) => each === tab) ?? first);
  const show = isKind(kind) && key ? { kind, key } : null;
  const fault = at === "trouble" && kind ? kind : null;
  const drill = at === "drill" && kind ? kind : null;
  return { at, show, fault, drill, isWrong: at === "find" && kind === "wrong" };
}

/** What of a tab is shown: something in full, what can be wrong, one fault, or one device to be worked. */
export type ShowOf = Show | "wrong" | { fault: string } | { drill: string };

/** Writes an address that `routeFrom` reads. */
export function pathTo(at: BookRoute["at"], show?: ShowOf): string {
  if (show === undefined) return at;
  if (show === "wrong") return `${at}/wrong`;
  if ("drill" in show) return `${at}/${show.drill}`;
  return "fault" in show ? `${at}/${show.fault}` : `${at}/${show.kind}/${show.key}`;
}

const hashNow = () => decodeURIComponent(location.hash.slice(1));
function onHash(listener: () => void): () => void {
  window.addEventListener("hashchange", listener);
  return () => window.removeEventListener("hashchange", listener);
}

/**
 * Where one is, kept in the address behind the `#`, so that Back goes back and every tab can be opened by itself, with
 * no network.
 *
 * @param before what stands before it in the address, as the code of a yacht; with its stroke
 */
export function useBookRoute(
  first: BookTab,
  before = "",
): { route: BookRoute; go: (at: BookRoute["at"], show?: ShowOf) => void } {
  const hash = useSyncExternalStore(onHash, hashNow, () => "");
  const path = hash.startsWith(before) ? hash.slice(before.length) : "";
  const go = useCallback(
    (at: BookRoute["at"], show?: ShowOf) => {
      location.hash = `${before}${pathTo(at, show)}`;
      window.scrollTo(0, 0);
    },
    [before],
  );
  return { route: routeFrom(path, first), go };
}
