import type { HookCallState, HookKind } from "../../core/programs/hook-kinds";
import type { Scope } from "../../core/programs/scopes";

/** A program of somebody else that has a token. */
export interface ProgramView {
  id: string;
  name: string;
  scopes: Scope[];
  by: string;
  at: string;
  usedAt: string | null;
}

/** An address that is told what happens. */
export interface HookView {
  id: string;
  name: string;
  host: string;
  kinds: HookKind[];
  by: string;
  at: string;
  /** how much it was not told yet, and how much it is not going to be */
  waiting: number;
  givenUp: number;
}

/** One thing that an address was told, or is to be. */
export interface HookCallView {
  id: string;
  hook: string;
  kind: HookKind | "test";
  charter: string | null;
  at: string;
  /** null while it waits for its first call */
  state: HookCallState | null;
  calls: number;
  detail: string;
  calledAt: string | null;
  isEnded: boolean;
}

/** The page of other programs. */
export interface ProgramsView {
  timeZone: string;
  /** whether the base is the demo, from which nothing leaves */
  isDemo: boolean;
  programs: ProgramView[];
  hooks: HookView[];
  calls: HookCallView[];
}
