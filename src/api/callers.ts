import type { PartySide } from "../core/basics/ids";
import type { Scope } from "../core/programs/scopes";
import type { Action, Role } from "./permissions";

/** Somebody of the base, signed in. */
export interface StaffSession {
  kind: "staff";
  id: string;
  baseId: string;
  personId: string;
  name: string;
  roles: Role[];
  /** whether this person has to set a second factor up before anything else */
  factorDue: boolean;
}

/** A charter's people, come in by link and PIN. */
export interface CharterSession {
  kind: "charter";
  id: string;
  baseId: string;
  charterId: string;
}

/** A device's right to record on one handover. It stands apart from the sign-in, so that an ended session never blocks the outbox. */
export interface DeviceGrant {
  kind: "device";
  id: string;
  baseId: string;
  handoverId: string;
  personId: string;
  /** on whose side the device records; the base's own also hands itself to the skipper, so it may record for both */
  side: PartySide;
}

/** A program of somebody else, by its token. */
export interface ProgramSession {
  kind: "program";
  id: string;
  baseId: string;
  name: string;
  scopes: readonly Scope[];
  /** who of the base made the token, in whose name it changes things */
  personId: string;
}

/** Nobody in particular: who has come by an address that asks for nothing. */
export interface NoSession {
  kind: "anyone";
  baseId: null;
}

export type Session = StaffSession | CharterSession | DeviceGrant | ProgramSession | NoSession;

/** In which part of a request the id stands that a charter or a device must own. */
export type Owns =
  { of: "handover" | "stay"; in: "params" | "query"; name: string } | { of: "yacht"; in: "params"; name: string };

/** One kind of caller that an endpoint lets in. The type says what the work then knows of it. */
export interface Caller<S extends Session = Session> {
  kind: S["kind"];
  action?: Action;
  owns?: Owns;
  side?: PartySide;
  scope?: Scope;
  /** never there; carries the type */
  session?: S;
}

/** Everybody, without any session. */
export const anyone: Caller<NoSession> = { kind: "anyone" };

/** Somebody of the base who may do this. */
export const staff = (action: Action): Caller<StaffSession> => ({ kind: "staff", action });

/** A charter's people; with `owns`, only for a handover, stay or yacht of that charter. */
export const charter = (owns?: Owns): Caller<CharterSession> => ({ kind: "charter", ...(owns ? { owns } : {}) });

/** A device with the right to record on the handover that the request names; with `side`, only one of that side. */
export const device = (owns: Owns, side?: PartySide): Caller<DeviceGrant> => ({
  kind: "device",
  owns,
  ...(side ? { side } : {}),
});

/** A program of somebody else whose token has this scope. */
export const program = (scope: Scope): Caller<ProgramSession> => ({ kind: "program", scope });

/** The handover, stay or yacht that an address names. */
export const handoverIn = (where: "params" | "query", name = "id"): Owns => ({ of: "handover", in: where, name });
export const stayIn = (where: "params" | "query", name = "id"): Owns => ({ of: "stay", in: where, name });
