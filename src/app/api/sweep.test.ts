import { randomUUID } from "node:crypto";
import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { v7 as uuid } from "uuid";
import { isBytes, type AnyEndpoint, type Method } from "@/api/endpoint";
import { endpoints } from "@/api/index";
import { usualRules } from "@/core/base/rules";
import { usualMessages } from "@/core/messages/template";
import { usualCharters } from "@/core/charters/agreed";
import { usualKeeping } from "@/core/private/keeping";
import { usualTasks } from "@/core/tasks/usual";
import { scopes } from "@/core/programs/scopes";
import { tokenPrefix } from "@/server/auth/program";
import { charterCookie, staffCookie } from "@/server/auth/session";
import { freshToken, tokenHash } from "@/server/auth/token";
import { makeGrant } from "@/server/auth/grant";
import { addSession } from "@/server/db/sessions";
import type { Route } from "@/server/http/serve";
import { log } from "@/server/log";
import { jar } from "@/testing/cookie-jar";
import { demoBase } from "@/testing/demo-base";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));
process.env.BRINECOVE_CHECK_CONTRACT = "strict";
jest.spyOn(log, "info").mockImplementation();
const logged = jest.spyOn(log, "error").mockImplementation();

/** Who calls, by a letter: the base's briefer, technician, office, manager; device of the base, crew's own device, boat book; strangers. */
const callers = {
  N: "nobody",
  B: "the briefer",
  T: "the technician",
  O: "the office",
  M: "the manager",
  D: "a device of the base on this handover",
  S: "crew by code on this handover",
  C: "the boat book of this charter",
  Z: "a device on another handover",
  Y: "the boat book of another charter",
  X: "the manager of another base",
  P: "a program with every scope",
  R: "a program that reads charters alone",
  Q: "a program of another base",
} as const;
type Caller = keyof typeof callers;

const everybody = "NBTOMDSCZYXPRQ";
const staff = "BTOM";

/**
 * Who may call what, written down by hand from docs/decisions/0032-permissions.md; the code has a table of its own. A
 * stranger's manager is let in as a manager and then finds nothing, which is said beside.
 */
const allowed: Record<string, string> = {
  "try-set-up-code": everybody,
  "set-up-base": everybody,
  "sign-in": everybody,
  "sign-out": everybody,
  "open-book": everybody,
  "close-book": everybody,
  "read-book": "CY",
  "post-book-addenda": "CY",
  "post-study": "CY",
  "post-boat-log": "CY",
  "tell-crew": "CY",
  "show-drill": "CY",
  "watch-drills": "BTM",
  "send-fault": "BTM",
  "walk-alone": "CY",
  "read-aboard": everybody,
  "print-aboard-card": everybody,
  "open-handover": "BTM",
  "join-handover": everybody,
  "make-join-code": "D",
  "pull-entries": "DS",
  "post-entries": "DS",
  "listen-to-handover": "DS",
  "read-boat-data": "DS",
  "seal-handover": "D",
  "prove-second": "D",
  "lift-clearance": "M",
  "choose-record": "M",
  "post-base-addenda": "BTM",
  "print-record": `${staff}C`,
  "print-what-is-left": `${staff}C`,
  "save-record": `${staff}C`,
  "save-whole-record": `${staff}C`,
  "read-photo": `${staff}DSCY`,
  "read-manual": `${staff}DSCY`,
  "put-manual": "TM",
  "put-photo": `${staff}DSC`,
  "make-book-link": "BOM",
  "end-access": "BOM",
  "note-authority": "OM",
  "note-call": staff,
  "order-from-call": staff,
  "oddity-from-call": staff,
  "keep-crew-list": staff,
  "hold-deposit": "OM",
  "note-deposit": "OM",
  "decide-charge": "M",
  "put-extra": "OM",
  "sign-statement": "OM",
  "close-deposit": "OM",
  "object-to-line": "OMC",
  "agree-sum": "M",
  "print-statement": `${staff}C`,
  "print-card": `${staff}C`,
  "print-plan": staff,
  "print-labels": staff,
  "save-yacht-file": staff,
  "save-inventory": staff,
  "save-class-file": staff,
  "make-yacht": "TM",
  "read-plan": staff,
  "read-survey": staff,
  "post-notes": `${staff}DSC`,
  "answer-note": "TM",
  "read-draft": staff,
  "read-draft-news": staff,
  "edit-draft": "TM",
  "review-draft": staff,
  "throw-away-draft": "TM",
  "carry-draft": "TM",
  "take-class-change": "TM",
  "say-still-right": "TM",
  "publish-draft": "M",
  "paste-inventory": "TM",
  "upload-file": "TM",
  "upload-inventory": "TM",
  "save-draft": staff,
  "save-draft-inventory": staff,
  "note-work": "TM",
  "assign-work": "TM",
  "note-found-thing": staff,
  "note-restock": "BTM",
  "settle-rules": "M",
  "settle-prices": "M",
  "simulate-weather": "M",
  "keep-extras": "OM",
  "keep-tasks": "TM",
  "hire-extras": "BOM",
  "enter-charter": "BOM",
  "change-charter": "BOM",
  "foresee-change": "BOM",
  "give-other-yacht": "BOM",
  "call-off-charter": "BOM",
  "move-charter": "BOM",
  "note-coming": staff,
  "close-yacht": "TOM",
  "open-yacht": "TOM",
  "give-back-deposit": "OM",
  "find-guests": "BOM",
  "keep-usual-charters": "M",
  "read-feed": everybody,
  "make-feed": "BOM",
  "find-elsewhere": "BOM",
  "end-feed": "BOM",
  "add-foreign-feed": "BOM",
  "read-foreign-feed": "BOM",
  "end-foreign-feed": "BOM",
  "look-through-list": "BOM",
  "take-list": "BOM",
  "look-through-crews": staff,
  "take-crews": staff,
  "save-crews": staff,
  "read-import": "BOM",
  "undo-row": "BOM",
  "keep-mappings": "BOM",
  "save-charters": "BOM",
  "keep-messages": "OM",
  "keep-keeping": "M",
  "save-held": "M",
  "erase-guest": "M",
  "preview-message": "BOM",
  "send-message": "BOM",
  "send-book-link": "BOM",
  "send-again": "BOM",
  "take-class": "TM",
  "begin-class": "TM",
  "invite-person": "M",
  "make-reset-link": "M",
  "end-invitation": "M",
  "change-person": "M",
  "change-password": staff,
  "begin-factor": staff,
  "confirm-factor": staff,
  "renew-codes": staff,
  "end-own-factor": staff,
  "end-factor": "M",
  "read-devices": "M",
  "end-device": "M",
  "read-invitation": everybody,
  "take-invitation": everybody,
  "keep-area": "BM",
  "save-area": staff,
  "look-over-base": "M",
  "ask-for-backup": "M",
  "save-history": staff,
  "save-log": "M",
  "find-anywhere": staff,
  "make-program": "M",
  "end-program": "M",
  "make-hook": "M",
  "end-hook": "M",
  "try-hook": "M",
  "tell-hook-again": "M",
  "v1-yachts": "PRQ",
  "v1-charters": "PRQ",
  "v1-charter": "PRQ",
  "v1-send-charters": "PQ",
  "v1-statement": "PQ",
  "v1-statement-pdf": "PQ",
  "read-health": everybody,
  "read-keys": everybody,
  "read-yacht-file-schema": everybody,
  "read-open-api": everybody,
  "read-simulated-vessel": everybody,
};

/** Where another base's manager is let in: addresses that name nothing of ours. */
const ownOfEach = new Set([
  "open-handover",
  "make-yacht",
  "settle-rules",
  "settle-prices",
  "keep-extras",
  "keep-tasks",
  "keep-messages",
  "enter-charter",
  "close-yacht",
  "find-guests",
  "keep-usual-charters",
  "make-feed",
  "make-program",
  "make-hook",
  "find-elsewhere",
  "look-through-list",
  "look-through-crews",
  "save-crews",
  "keep-mappings",
  "save-charters",
  "keep-keeping",
  "invite-person",
  "take-class",
  "begin-class",
  "change-password",
  "begin-factor",
  "confirm-factor",
  "renew-codes",
  "end-own-factor",
  "simulate-weather",
  "keep-area",
  "save-area",
  "look-over-base",
  "ask-for-backup",
  "save-history",
  "save-log",
  "find-anywhere",
]);

const base = demoBase("sweep");
const sessions: Partial<Record<Caller, { cookie?: [string, string]; grant?: string }>> = {};
let ids: Record<string, string>;

async function routeOf({ path, method }: AnyEndpoint): Promise<Route> {
  const file = join(__dirname, path.replace("/api/", "").replaceAll(/\{(\w+)\}/g, "[$1]"), "route");
  return ((await import(file)) as Record<Method, Route>)[method];
}

beforeAll(async () => {
  const [charter] = await base.asOwner<{ id: string; skipper: string }>(
    "select id, skipper_id as skipper from charter where reference = 'BR-1059'",
  );
  const [otherCharter] = await base.asOwner<{ id: string }>("select id from charter where reference = 'BR-1052'");
  const [defect] = await base.asOwner<{ id: string }>("select id from defect limit 1");
  const handover = await base.handoverOf("BR-1059", "check-in");
  ids = {
    charter: charter!.id,
    skipper: charter!.skipper,
    stay: await base.stayOf("BR-1059"),
    handover,
    otherHandover: await base.handoverOf("BR-1052", "check-in"),
    defect: defect?.id ?? randomUUID(),
    manager: await base.person("Senna Ruhl"),
  };
  const session = async (who: { staffId?: string; charterId?: string }, baseId = base.baseId): Promise<string> => {
    const token = freshToken();
    const row = { tokenHash: tokenHash(token), staffId: who.staffId ?? null, charterId: who.charterId ?? null };
    if (baseId === base.baseId)
      await base.inBase((db) => addSession(db, { ...row, at: "2027-06-12T10:00:00Z", until: "2027-06-13T10:00:00Z" }));
    else
      await base.asOwner(
        "insert into session (id, base_id, token_hash, staff_id, created_at, expires_at) values ($1, $2, $3, $4, '2027-06-12T10:00:00Z', '2027-06-13T10:00:00Z')",
        [randomUUID(), baseId, row.tokenHash, row.staffId],
      );
    return token;
  };
  const grant = (of: string, person: string, side: "base" | "skipper") =>
    base.inBase(async (db) => (await makeGrant(db, of, person, side)).token);
  const of = async (name: string) => ({
    cookie: [staffCookie, await session({ staffId: await base.person(name) })] as [string, string],
  });
  const token = async (baseId: string, by: string, scopes: readonly string[]) => {
    const secret = freshToken();
    await base.asOwner(
      "insert into program (id, base_id, name, secret_hash, scopes, by_person, at) values ($1, $2, 'Ledger', $3, $4, $5, now())",
      [randomUUID(), baseId, tokenHash(secret), scopes, by],
    );
    return `${tokenPrefix}${secret}`;
  };
  // the demo's technician also briefs; here each is one thing alone
  await base.asOwner("update staff set roles = '{technician}' where person_id = $1", [await base.person("Ilko Brand")]);
  const otherBase = randomUUID();
  const stranger = randomUUID();
  await base.asOwner(
    "insert into base (id, name, place, time_zone, currency, languages, phone) values ($1, 'Elsewhere', 'Quay', 'Atlantic/Azores', 'EUR', '{en}', '0')",
    [otherBase],
  );
  await base.asOwner("insert into person (id, base_id, name) values ($1, $2, 'Stranger')", [stranger, otherBase]);
  await base.asOwner(
    "insert into staff (person_id, base_id, email, password_hash, roles, active) values ($1, $2, 'stranger@elsewhere.example', 'x', '{manager}', true)",
    [stranger, otherBase],
  );
  Object.assign(sessions, {
    N: {},
    B: await of("Maro Tessen"),
    T: await of("Ilko Brand"),
    O: await of("Odile Varn"),
    M: await of("Senna Ruhl"),
    D: { grant: await grant(handover, ids.manager!, "base") },
    S: { grant: await grant(handover, ids.skipper!, "skipper") },
    Z: { grant: await grant(ids.otherHandover!, ids.manager!, "base") },
    C: { cookie: [charterCookie, await session({ charterId: charter!.id })] },
    Y: { cookie: [charterCookie, await session({ charterId: otherCharter!.id })] },
    X: { cookie: [staffCookie, await session({ staffId: stranger }, otherBase)] },
    P: { grant: await token(base.baseId, ids.manager!, scopes) },
    R: { grant: await token(base.baseId, ids.manager!, ["read-charters"]) },
    Q: { grant: await token(otherBase, stranger, scopes) },
  });
}, 120_000);

/** What stands in the address: things of our base. */
function paramsOf({ path, name }: AnyEndpoint): Record<string, string> {
  const id =
    name === "note-work"
      ? ids.defect
      : path.startsWith("/api/charters/")
        ? ids.charter
        : path.startsWith("/api/stays/")
          ? ids.stay
          : ids.handover;
  const known: Record<string, string> = {
    id: id ?? "",
    slug: path.startsWith("/api/classes/") ? "ondavar-41" : "quillback",
    of: "yachts",
    code: "HERON-7K2",
    hash: "a".repeat(64),
    handover: ids.handover ?? "",
    found: randomUUID(),
    session: randomUUID(),
    trouble: randomUUID(),
    secret: "a".repeat(43),
    yacht: "gannet-rock",
    reference: "BR-1059",
  };
  // a note's own id beside its yacht
  if (name === "answer-note") known.id = randomUUID();
  if (name === "post-notes") known.slug = noteYacht;
  return Object.fromEntries([...path.matchAll(/\{(\w+)\}/g)].map(([, key = ""]) => [key, known[key] ?? ""]));
}

let noteYacht = "quillback";
const queries: Record<string, string> = {
  "read-draft-news": "?after=0",
  "find-anywhere": "?find=heron",
  "find-guests": "?find=tove",
  "find-elsewhere": "?yacht=quillback&fromDay=2027-06-12&outAt=17:00&toDay=2027-06-19&backAt=09:00",
};
const withHandover = new Set(["read-photo", "read-manual", "put-photo", "post-notes"]);

const signature = (side: string) => ({
  side,
  person: uuid(),
  how: "typed",
  at: "2027-06-12T10:20:00Z",
  imprint: "a".repeat(64),
});
const content = { salt: randomUUID(), name: "Somebody", strokes: [] };
const contents = { base: content, skipper: content };

const listed = { columns: ["reference"], order: "day-first", rows: [{ line: 2, cells: ["X-1"] }] };
const crewsListed = { columns: ["reference", "name", "weight"], rows: [{ line: 2, cells: ["X-1", "Tam", "70"] }] };
const days = { fromDay: "2027-09-04", outAt: "17:00", toDay: "2027-09-11", backAt: "09:00" };
const agreed = {
  yacht: "no-such",
  ...days,
  aboard: 2,
  language: "en",
  charterer: { id: null, name: "Tam Orrin", email: "", phone: "" },
  skipper: null,
};

/** A body of the right form for each endpoint that takes JSON; what comes of it depends on how things stand. */
const bodies: Record<string, () => Record<string, unknown>> = {
  "try-set-up-code": () => ({ code: "GUESS" }),
  "set-up-base": () => ({
    code: "GUESS",
    base: { name: "x", place: "x", timeZone: "UTC", currency: "EUR", languages: ["en"], phone: "+000" },
    manager: { name: "x", email: "x@elsewhere.example", password: "x" },
  }),
  "sign-in": () => ({ email: `${randomUUID()}@elsewhere.example`, password: "guess" }),
  "open-book": () => ({ secret: "x".repeat(40), pin: "123456" }),
  "post-book-addenda": () => ({ addenda: [{}] }),
  "tell-crew": () => ({ crew: [], arrives: "25:00" }),
  "post-study": () => ({ answers: [{}] }),
  "show-drill": () => ({
    panel: randomUUID(),
    worked: { drill: "gas", task: "cook", seconds: 0, isDone: false, isOver: false, isShown: false, told: [], took: 0 },
  }),
  "send-fault": () => ({ panel: randomUUID(), fault: null }),
  "post-boat-log": () => ({ entries: [{}] }),
  "open-handover": () => ({ stayId: ids.stay, kind: "prep" }),
  "join-handover": () => ({ code: randomUUID().slice(0, 8), name: "Tam" }),
  "post-entries": () => ({ entries: [{}] }),
  "seal-handover": () => ({
    manifest: {
      version: 1,
      handover: ids.handover,
      listHash: "a".repeat(64),
      entries: [],
      photos: [],
      words: ["read"],
      lastHeardAt: null,
    },
    signatures: [signature("base"), signature("skipper")],
    contents,
    seal: "a".repeat(64),
    device: randomUUID(),
    sealedAt: "2027-06-12T10:20:00Z",
  }),
  "choose-record": () => ({ seal: "a".repeat(64), stands: true, why: "the right one" }),
  "prove-second": () => ({ email: `${randomUUID()}@elsewhere.example`, password: "guess" }),
  "end-access": () => ({ kind: "device", id: randomUUID() }),
  "lift-clearance": () => ({ how: "cured", why: "brought aboard" }),
  "post-base-addenda": () => ({ addenda: [{}] }),
  "note-authority": () => ({ reference: "letter 7" }),
  "oddity-from-call": () => ({ words: "the breaker trips when she hauls against wind" }),
  "note-call": () => ({ topic: null, words: "where is the winch handle" }),
  "keep-crew-list": () => ({ crew: [{ name: "Tam", weightKg: 60 }] }),
  "hold-deposit": () => ({ requestKey: randomUUID(), card: "declines" }),
  "note-deposit": () => ({ requestKey: randomUUID(), amountMinor: 1, reference: "R-1" }),
  "decide-charge": () => ({ differenceId: "x", decision: { charge: false }, why: "" }),
  "put-extra": () => ({ id: null, extra: null, why: "" }),
  "sign-statement": () => ({
    digest: "a".repeat(64),
    words: [],
    reservations: [],
    signatures: [signature("base"), signature("skipper")],
    contents,
    without: null,
  }),
  "object-to-line": () => ({ line: "x", words: "not mine" }),
  "agree-sum": () => ({ line: "x", amountMinor: 0, words: "agreed" }),
  "confirm-factor": () => ({ code: "000000" }),
  "renew-codes": () => ({ code: "000000" }),
  "end-own-factor": () => ({ code: "000000" }),
  "begin-class": () => ({ template: "blank", name: `Terns ${randomUUID().slice(0, 8)}` }),
  "make-yacht": () => ({ classSlug: "ondavar-41", name: `Tern ${randomUUID().slice(0, 8)}`, berth: "Z1" }),
  "post-notes": () => ({ notes: [{}] }),
  "answer-note": () => ({ answer: "declined", words: "no" }),
  "edit-draft": () => ({
    edits: [{ id: uuid(), path: "/particulars/berths", from: 9999, to: 7, undoes: null, source: null }],
    after: 0,
    draft: null,
  }),
  "say-still-right": () => ({ path: "/particulars", basis: "0".repeat(64) }),
  "publish-draft": () => ({ why: "", accepts: {} }),
  "paste-inventory": () => ({ text: "key" }),
  "assign-work": () => ({ defects: [ids.defect], person: null }),
  "note-work": () => ({ onNumber: 1, step: { state: "stays", words: "known" } }),
  "note-found-thing": () => ({ state: "returned", words: "sent" }),
  "note-restock": () => ({ line: "count:no-such-thing", pieces: 1 }),
  "settle-rules": () => ({ onNumber: 2_000_000, rules: usualRules, why: "x" }),
  "settle-prices": () => ({
    onNumber: 2_000_000,
    prices: { labourPerHourMinor: 0, lateReturn: { graceMinutes: 0, perHourMinor: 0, atMostMinor: 0 }, items: [] },
    why: "x",
  }),
  "keep-extras": () => ({ onNumber: 2_000_000, extras: {} }),
  "keep-tasks": () => ({ onNumber: 2_000_000, tasks: usualTasks }),
  "keep-keeping": () => ({ onNumber: 2_000_000, keeping: usualKeeping }),
  "erase-guest": () => ({ why: "asked by letter" }),
  "enter-charter": () => ({ ...agreed, reference: "", terms: "no-such", extras: [] }),
  "look-through-crews": () => crewsListed,
  "take-crews": () => ({ ...crewsListed, seen: "a".repeat(64) }),
  "make-program": () => ({ name: "Ledger", scopes: ["read-charters"] }),
  "make-hook": () => ({ name: "Ledger", address: "https://ledger.example/told", kinds: ["charter-entered"] }),
  "v1-send-charters": () => ({ charters: [{ reference: "X-1" }], look: true }),
  "foresee-change": () => ({ becomes: null }),
  "give-other-yacht": () => ({
    yacht: "no-such",
    fromDay: "2027-06-15",
    outAt: "12:00",
    onNumber: 0,
    why: "x",
    told: "",
  }),
  "note-coming": () => ({ onNumber: 1_000, arrives: "14:00", papersSeen: true }),
  "move-charter": () => ({ yacht: "no-such", ...days, onNumber: 0, why: "x", told: "" }),
  "call-off-charter": () => ({ onNumber: 1_000, to: "cancelled", why: "x", told: "" }),
  "close-yacht": () => ({ yacht: "no-such", ...days, kind: "service", words: "" }),
  "change-charter": () => ({ ...agreed, onNumber: 1, why: "moved", told: "" }),
  "make-feed": () => ({ kind: "base", yacht: null, withNames: false }),
  "add-foreign-feed": () => ({ yacht: "no-such", name: "Agency", address: "https://calendar.example/x.ics" }),
  "look-through-list": () => listed,
  "take-list": () => ({ ...listed, fileName: "list.csv", seen: "" }),
  "undo-row": () => ({ line: 2 }),
  "keep-mappings": () => ({ onNumber: 2_000_000, mappings: {} }),
  "keep-usual-charters": () => ({ onNumber: 2_000_000, charters: usualCharters }),
  "keep-messages": () => ({ onNumber: 2_000_000, messages: usualMessages }),
  "preview-message": () => ({ kind: "due-back" }),
  "send-message": () => ({ kind: "due-back" }),
  "hire-extras": () => ({ onNumber: 2_000_000, hired: [] }),
  "invite-person": () => ({ name: "x", email: `${randomUUID()}@elsewhere.example`, roles: ["briefer"] }),
  "change-person": () => ({ roles: ["briefer"], active: true }),
  "change-password": () => ({ old: "guess", fresh: "guess" }),
  "read-invitation": () => ({ secret: "x".repeat(40) }),
  "take-invitation": () => ({ secret: "x".repeat(40), password: "guess" }),
  "keep-area": () => ({
    onNumber: 2_000_000,
    area: { type: "FeatureCollection", name: "x", base: { position: [0, 0] }, features: [] },
  }),
  "simulate-weather": () => ({ day: "2027-06-20", weather: "fog" }),
};
interface Sent {
  params?: Record<string, string>;
  body?: BodyInit | null;
  type?: string;
}

async function send(
  caller: Caller,
  endpoint: AnyEndpoint,
  sent: Sent = {},
): Promise<{ status: number; code: string; text: string }> {
  jar.clear();
  const { cookie, grant } = sessions[caller] ?? {};
  if (cookie) jar.set(cookie[0], cookie[1]);
  const params = sent.params ?? paramsOf(endpoint);
  const named =
    withHandover.has(endpoint.name) && "DSCZY".includes(caller)
      ? `?handover=${ids.handover}`
      : (queries[endpoint.name] ?? "");
  const headers: Record<string, string> = { host: "127.0.0.1:4310", origin: "http://127.0.0.1:4310" };
  if (grant) headers.authorization = `Bearer ${grant}`;
  const body = sent.body !== undefined ? sent.body : validBody(endpoint);
  if (body !== null)
    headers["content-type"] =
      sent.type ?? (isBytes(endpoint.body) ? (endpoint.body.bytes[0] ?? "") : "application/json");
  const gone = new AbortController();
  const request = new Request(`http://127.0.0.1:4310${endpoint.path}${named}`, {
    method: endpoint.method,
    headers,
    signal: gone.signal,
    ...(body === null ? {} : { body }),
  });
  const answer = await (await routeOf(endpoint))(request, { params: Promise.resolve(params) });
  gone.abort();
  const isJson = (answer.headers.get("content-type") ?? "").includes("application/json");
  const text = isJson ? await answer.text() : "";
  const code = answer.status >= 400 ? (JSON.parse(text) as { error: { code: string } }).error.code : "";
  return { status: answer.status, code, text };
}

function validBody({ name, body }: AnyEndpoint): BodyInit | null {
  if (body === null) return null;
  if (isBytes(body))
    return body.bytes[0] === "text/csv" ? "key" : body.bytes[0] === "application/json" ? "{}" : "no photo";
  return JSON.stringify(bodies[name]?.() ?? {});
}

// who signs out is signed in again
afterEach(() => base.asOwner("update session set revoked_at = null"));

/** How many rows there are in every table, sessions and tries left out. */
async function rowCounts(): Promise<string> {
  const tables = await base.asOwner<{ name: string }>(
    "select relname as name from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and relname not in ('session', 'sign_in_attempt') order by 1",
  );
  const [row] = await base.asOwner<Record<string, string>>(
    `select ${tables.map(({ name }) => `(select count(*) from "${name}") as "${name}"`).join(", ")}`,
  );
  return JSON.stringify(row);
}

describe("the contract", () => {
  it("names every endpoint once, and every route is one of them", () => {
    const named = endpoints.map(({ endpoint }) => endpoint.name);
    expect(new Set(named).size).toBe(named.length);
    expect(named.sort()).toEqual(Object.keys(allowed).sort());
    const addresses = endpoints.map(({ endpoint }) => `${endpoint.method} ${endpoint.path}`);
    expect(new Set(addresses).size).toBe(addresses.length);
    const routes = readdirSync(__dirname, { recursive: true, encoding: "utf8" })
      .filter((file) => file.endsWith("route.ts"))
      .flatMap((file) => {
        const methods = [...readFileSync(join(__dirname, file), "utf8").matchAll(/export const (\w+) =/g)];
        const path = `/api/${file.replace(/\/route\.ts$/, "").replaceAll(/\[(\w+)\]/g, "{$1}")}`;
        return methods.map(([, method]) => `${method} ${path}`);
      });
    expect(routes.sort()).toEqual(addresses.sort());
    for (const { endpoint } of endpoints)
      expect(
        existsSync(`${join(__dirname, endpoint.path.replace("/api/", "").replaceAll(/\{(\w+)\}/g, "[$1]"))}/route.ts`),
      ).toBe(true);
  });
});

const every = endpoints.map(({ endpoint }) => [endpoint.name, endpoint] as [string, AnyEndpoint]);

describe("who may call", () => {
  beforeAll(async () => {
    const [yacht] = await base.asOwner<{ slug: string }>(
      "select y.slug from stay s join yacht y on y.id = s.yacht_id where s.id = $1",
      [ids.stay],
    );
    noteYacht = yacht?.slug ?? "";
  });

  it.each(every)("%s", async (name, endpoint) => {
    const seen: Record<string, string> = {};
    for (const caller of Object.keys(callers) as Caller[]) {
      // a stream is looked at once, and ends with its request
      const { status, code } = await send(caller, endpoint);
      const isLetIn = status !== 401 && status !== 403;
      const isOpen = allowed[name] === everybody;
      if (status >= 500 && code !== "gateway-silent") seen[caller] = `${status} ${code}`;
      else if (caller === "X" && allowed[name]?.includes("M") && !isOpen) {
        // a stranger's manager is a manager, and finds nothing of ours
        const isFine = ownOfEach.has(name) ? isLetIn : status === 404 || status === 409 || status === 422;
        if (!isFine) seen[caller] = `${status} ${code}`;
      } else if (
        !isOpen &&
        isLetIn !== allowed[name]?.includes(caller) &&
        !(code === "not-alone" && allowed[name]?.includes(caller))
      )
        seen[caller] = `${status} ${code}`;
    }
    expect(seen).toEqual({});
  });

  it("lets a stranger's manager see and change nothing of ours", async () => {
    const before = await rowCounts();
    for (const [name, endpoint] of every)
      if (!ownOfEach.has(name) && allowed[name] !== everybody) await send("X", endpoint);
    expect(await rowCounts()).toBe(before);
  });
});

const withJson = every.filter(([, { body }]) => body !== null && !isBytes(body));
const oneWhoMay = (name: string): Caller =>
  (allowed[name] === everybody ? "N" : [..."MDCBTOP"].find((each) => allowed[name]?.includes(each))) as Caller;

describe("what is no body", () => {
  it.each(withJson)("%s refuses it, says so, and keeps nothing", async (name, endpoint) => {
    const caller = oneWhoMay(name);
    const good = bodies[name]?.() ?? {};
    const required = Object.keys(good);
    const text = (value: unknown) => JSON.stringify(value);
    const cells: [string, Sent, number][] = [
      ...required.map((field): [string, Sent, number] => {
        const { [field]: _left, ...rest } = good;
        const isOptional = !((endpoint.body as { required?: string[] }).required ?? []).includes(field);
        return [`without ${field}`, { body: text(rest) }, isOptional ? 0 : 422];
      }),
      ...required.map((field): [string, Sent, number] => [
        `${field} of another kind`,
        { body: text({ ...good, [field]: { a: [[]] } }) },
        422,
      ]),
      ["a field too many", { body: text({ ...good, more: 1 }) }, 422],
      ["a field called __proto__", { body: text(good).replace(/^\{/, '{"__proto__":{"admin":true},') }, 422],
      ["a list", { body: "[]" }, 422],
      ["nothing", { body: "" }, 400],
      ["half of it", { body: text(good).slice(0, -1) }, 400],
      ["not UTF-8", { body: new Uint8Array([0x7b, 0xff, 0x7d]) }, 400],
      ["a form", { body: "a=1", type: "application/x-www-form-urlencoded" }, 415],
      [
        "a hundred thousand levels",
        { body: `{"a":${"[".repeat(100_000)}${"]".repeat(100_000)}}` },
        endpoint.maxBytes > 200_006 ? 422 : 413,
      ],
      ["ninety levels", { body: `{"a":${"[".repeat(90)}${"]".repeat(90)}}` }, endpoint.maxBytes > 190 ? 422 : 413],
      ["too much", { body: text({ ...good, more: "x".repeat(endpoint.maxBytes + 1) }) }, 413],
    ];
    const strings = required.filter((field) => typeof good[field] === "string");
    for (const field of strings)
      for (const [what, bad] of [
        ["NUL", "\\u0000"],
        ["half a pair", "\\ud83d"],
      ] as const)
        cells.push([
          `${field} with ${what}`,
          { body: text({ ...good, [field]: "@@" }).replace("@@", `a b${bad}c`) },
          422,
        ]);
    const before = await rowCounts();
    const wrong: Record<string, string> = {};
    for (const [what, sent, status] of cells) {
      if (status === 0) continue;
      const answer = await send(caller, endpoint, sent);
      if (answer.status !== status) wrong[what] = `${answer.status} ${answer.code}, expected ${status}`;
    }
    expect(wrong).toEqual({});
    expect(await rowCounts()).toBe(before);
  });

  it("is answered item by item where a device sends many: the bad ones block none", async () => {
    const items: Record<string, [string, Caller]> = {
      "post-entries": ["entries", "D"],
      "post-book-addenda": ["addenda", "C"],
      "post-study": ["answers", "C"],
      "post-boat-log": ["entries", "C"],
      "post-notes": ["notes", "M"],
      "post-base-addenda": ["addenda", "M"],
    };
    for (const [name, [field, caller]] of Object.entries(items)) {
      const [, endpoint] = every.find(([each]) => each === name)!;
      const body = `{"${field}":[null,7,"x",[],{"id":"\\u0000"},{"id":"\\ud83d"},{"id":${"[".repeat(80)}${"]".repeat(80)}},{}]}`;
      const { status, text } = await send(caller, endpoint, { body });
      // the open check-in of this charter is not signed, so that nothing can be added to it
      expect([
        name,
        status,
        (JSON.parse(text) as { answers: { status: string }[] }).answers.map((each) => each.status),
      ]).toEqual([name, 200, Array.from({ length: 8 }, () => "refused")]);
    }
  });

  it.each(every.filter(([, { body }]) => isBytes(body)))(
    "%s refuses other bytes, and too many",
    async (name, endpoint) => {
      const caller = oneWhoMay(name);
      const before = await rowCounts();
      for (const body of ["no such thing", "\u0000", new Uint8Array([0xff, 0xfe, 0])]) {
        const { status } = await send(caller, endpoint, { body });
        expect([400, 422]).toContain(status);
      }
      expect((await send(caller, endpoint, { body: "x".repeat(endpoint.maxBytes + 1) })).status).toBe(413);
      expect(await rowCounts()).toBe(before);
    },
  );
});

describe("what is no address", () => {
  it.each(every.filter(([, { params }]) => params !== null))("%s answers 404", async (name, endpoint) => {
    const caller = oneWhoMay(name);
    for (const strange of ["", "x\u0000", "\ud83d", "../../etc", "1'--", "x".repeat(500)]) {
      const params = Object.fromEntries(Object.keys(paramsOf(endpoint)).map((key) => [key, strange]));
      const { status } = await send(caller, endpoint, { params });
      expect([strange, status]).toEqual([strange, 404]);
    }
  });
});

afterAll(() => {
  const unforeseen = logged.mock.calls.filter(([, what]) => String(what) !== "database-away");
  expect(unforeseen).toEqual([]);
});
