import "server-only";
import { AppError } from "@/api/app-error";
import type { Caller, Owns, Session } from "@/api/callers";
import type { AnyEndpoint } from "@/api/endpoint";
import type { ErrorCode } from "@/api/errors";
import { may } from "@/api/permissions";
import { beginFactor, confirmFactor } from "@/api/second-factor";
import { inBaseTransaction } from "../db/pool";
import { isOfCharter } from "../db/ways-in";
import { deviceGrant } from "./grant";
import { programSession } from "./program";
import { charterSession, staffSession } from "./session";

interface Asked {
  params: Record<string, unknown>;
  query: Record<string, unknown>;
}

/**
 * Who calls an endpoint: the first of those it lets in that this request proves to be.
 *
 * @throws AppError 401 where nobody is proved, 403 where somebody is who may not do this
 */
export async function requireCaller(
  { who, name }: Pick<AnyEndpoint, "who" | "name">,
  request: Request,
  asked: Asked,
): Promise<Session> {
  let against: AppError | null = null;
  for (const caller of who as readonly Caller[]) {
    const found = await provenAs(caller, request, asked);
    if (!(found instanceof AppError)) {
      if (found.kind === "staff" && found.factorDue && !whileFactorDue.has(name)) throw new AppError("factor-first");
      return found;
    }
    // what is told to somebody who is known says more than what is told to nobody
    if (against === null || found.status === 403) against = found;
  }
  if (against?.status === 403) throw against;
  throw new AppError(who.length === 1 ? unknownAs[(who[0] as Caller).kind] : "not-open");
}

/** What somebody reaches who has to set a second factor up: that alone. */
const whileFactorDue: ReadonlySet<string> = new Set([beginFactor.name, confirmFactor.name]);

/** What somebody reads who has not proved to be such a caller. */
const unknownAs: Readonly<Record<Session["kind"], ErrorCode>> = {
  anyone: "not-open",
  staff: "not-signed-in",
  charter: "book-closed",
  device: "no-grant",
  program: "no-token",
};

async function provenAs(caller: Caller, request: Request, asked: Asked): Promise<Session | AppError> {
  switch (caller.kind) {
    case "anyone":
      return { kind: "anyone", baseId: null };
    case "staff": {
      const session = await staffSession();
      if (!session) return new AppError("not-signed-in");
      const { action } = caller;
      return action && may(session, action) ? session : new AppError("not-yours", { action: action ?? "" });
    }
    case "charter": {
      const session = await charterSession();
      if (!session) return new AppError("book-closed");
      const id = caller.owns && named(caller.owns, asked);
      if (!caller.owns) return session;
      if (id === undefined) return new AppError("not-open");
      const { of } = caller.owns;
      const isTheirs = await inBaseTransaction(session.baseId, (db) => isOfCharter(db, session.charterId, { of, id }));
      return isTheirs ? session : new AppError("not-open");
    }
    case "program": {
      const session = await programSession(request);
      if (!session) return new AppError("no-token");
      const { scope } = caller;
      return scope && session.scopes.includes(scope) ? session : new AppError("no-scope", { scope: scope ?? "" });
    }
    case "device": {
      const grant = await deviceGrant(request);
      if (!grant || !caller.owns || named(caller.owns, asked) !== grant.handoverId) return new AppError("no-grant");
      return caller.side && caller.side !== grant.side ? new AppError("not-yours-side") : grant;
    }
  }
}

const named = ({ in: part, name }: Owns, asked: Asked): string | undefined => {
  const value = asked[part][name];
  return value === undefined ? undefined : String(value);
};
