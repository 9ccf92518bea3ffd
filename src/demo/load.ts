import { readFileSync } from "node:fs";
import { v7 as uuid } from "uuid";
import { Area } from "../core/area/area";
import { addDays, addHours, dayIn, instantIn } from "../core/basics/instant";
import { digestOf } from "../core/basics/digest";
import { notedByHand, type CharterTerms } from "../core/settlement/terms";
import { checkFile } from "../core/checks";
import { resolveYacht } from "../core/yacht/resolve";
import { YachtFile, YachtOfClass } from "../core/yacht/schema";
import { parseAs } from "../formats/validate";
import { storeCharterLink } from "../server/auth/charter-link";
import { hashPassword } from "../server/auth/password";
import { takeStudyAnswers } from "../server/items/study-answers";
import { now } from "../server/clock";
import { addCrewList } from "../server/db/crew";
import { addCall } from "../server/db/calls";
import { asDoer, type Doer } from "../server/db/doer";
import { endPool, inBaseTransaction, pool, type Queryable } from "../server/db/pool";
import { hireForCharter } from "../server/stays/hire-extras";
import { usualCharters } from "../core/charters/agreed";
import { placeOf } from "../core/extras/aboard";
import { addList } from "../server/db/base-lists";
import { addArea } from "../server/db/area";
import { addPrices } from "../server/db/prices";
import { findYacht } from "../server/db/yachts";
import { holdDeposit, noteDeposit } from "../server/deposit/deposit";
import { terminalBook } from "../server/db/deposits";
import { makeFirstKey } from "../server/keys/signing";
import { simulatedTerminal } from "../stand-ins/deposit-terminal";
import type { MarkIds } from "./script";
import { Scenario, type ScriptedCharter, type ScriptedStudy } from "./scenario";
import { playStudy } from "./study";
import { atTime, playHandover, settleStay, type LoadedStay, type PlayedBase } from "./play-stay";

const read = (path: string): unknown => JSON.parse(readFileSync(path, "utf8"));
const scenario = () => parseAs(Scenario, read("demo/scenario.json"));

/** The demo's addresses and sign-ins, as `start` prints them. */
export function demoSignIns(port: number): string {
  const { staff, password, charters, yachts } = scenario();
  const people = staff.map((person) => `  ${person.email.padEnd(28)} ${person.name}, ${person.roles.join(" and ")}`);
  const links = charters.flatMap(({ reference, yacht, link, language }) =>
    link
      ? [
          `  http://127.0.0.1:${port}/book${language ? `?language=${language}` : ""}#${link.secret}   PIN ${link.pin}   (${reference}, ${yacht})`,
        ]
      : [],
  );
  return [
    `Demo sign-ins, all with the password ${password}`,
    ...people,
    "Boat book (skipper, no account)",
    ...links,
    `Posted aboard  http://127.0.0.1:${port}/aboard#${yachts[0]?.code ?? ""}`,
  ].join("\n");
}

/**
 * Loads the demo scenario into an empty database, through the same code that the app uses. Returns whether it did.
 *
 * @param onBegin called before the first of it is written, where the database is empty
 */
export async function loadDemoIfEmpty(onBegin: () => void = () => undefined): Promise<boolean> {
  const { rows } = await pool().query<{ empty: boolean }>("select not base_exists() as empty");
  if (rows[0]?.empty) {
    onBegin();
    await asDoer({ kind: "house", action: "load-demo" }, loadDemo);
  }
  await endPool();
  return rows[0]?.empty ?? false;
}

interface Loaded extends PlayedBase {
  staff: Map<string, { id: string; name: string }>;
  yachts: Map<string, string>;
}

async function loadDemo(): Promise<void> {
  const script = scenario();
  const loadedAt = now();
  const today = dayIn(loadedAt, script.base.timeZone);
  // what is scripted for later today has happened by now
  const at = ({ day, time }: { day: number; time: string }) =>
    instantIn(addDays(today, day), time, script.base.timeZone);
  const baseId = uuid();
  const loaded: Loaded = { baseId, staff: new Map(), yachts: new Map(), at, timeZone: script.base.timeZone };
  await inBaseTransaction(baseId, async (db) => {
    const { name, place, timeZone, currency, languages, phone } = script.base;
    await db.query(
      "insert into base (id, name, place, time_zone, currency, languages, phone, is_demo) values ($1, $2, $3, $4, $5, $6, $7, true)",
      [baseId, name, place, timeZone, currency, languages, phone],
    );
    await makeFirstKey(db, baseId);
    await loadStaff(db, loaded, script);
    await addPrices(db, 0, script.prices, "this season's prices", loaded.staff.get("senna")?.id ?? "", now());
    const extras = { onNumber: 0, list: script.extras, by: loaded.staff.get("odile")?.id ?? "", at: now() };
    await addList(db, "extras", extras);
    const templates = { usual: { name: "Usual", terms: script.terms } };
    await addList(db, "charters", {
      onNumber: 0,
      list: { ...usualCharters, templates },
      by: loaded.staff.get("senna")?.id ?? "",
      at: now(),
    });
    await addArea(db, 0, parseAs(Area, read("demo/area.geojson")), loaded.staff.get("senna")?.id ?? "", now());
    await loadYachts(db, loaded, script);
  });
  const markIds: MarkIds = new Map();
  const stays = new Map<string, LoadedStay>();
  for (const charter of script.charters)
    stays.set(charter.reference, await inBaseTransaction(baseId, (db) => loadCharter(db, loaded, script, charter)));
  const events = script.charters.flatMap((charter) => {
    const stay = stays.get(charter.reference) as LoadedStay;
    const list: { at: string; run: () => Promise<void> }[] = [];
    for (const [kind, scripted] of [
      ["prep", charter.prep],
      ["check-in", charter.checkIn],
      ["check-out", charter.checkOut],
    ] as const) {
      if (scripted)
        list.push({
          at: min(at(scripted.at), loadedAt),
          run: () => playHandover(loaded, stay, kind, scripted, markIds),
        });
    }
    if (charter.decisions || charter.settle) {
      const moment = charter.settle ? at(charter.settle.at) : loadedAt;
      const doer: Doer = { kind: "staff", action: "decide-charge", person: stay.briefer.id };
      list.push({
        at: min(moment, loadedAt),
        run: () => asDoer(doer, () => settleStay(loaded, stay, charter)),
      });
    }
    return list;
  });
  for (const event of events.sort((a, b) => (a.at < b.at ? -1 : 1))) await atTime(event.at, event.run);
}

const min = (a: string, b: string) => (a < b ? a : b);

async function loadStaff(db: Queryable, loaded: Loaded, script: Scenario): Promise<void> {
  const passwordHash = await hashPassword(script.password);
  for (const { key, name, email, roles } of script.staff) {
    const id = uuid();
    loaded.staff.set(key, { id, name });
    await db.query("insert into person (id, base_id, name, email) values ($1, $2, $3, $4)", [
      id,
      loaded.baseId,
      name,
      email,
    ]);
    await db.query("insert into staff (person_id, base_id, email, password_hash, roles) values ($1, $2, $3, $4, $5)", [
      id,
      loaded.baseId,
      email,
      passwordHash,
      roles,
    ]);
  }
}

async function loadYachts(db: Queryable, loaded: Loaded, script: Scenario): Promise<void> {
  const classes = new Map<string, { id: string; document: unknown }>();
  for (const { file: slug, berth, code } of script.yachts) {
    const own = parseAs(YachtOfClass, read(`demo/yachts/${slug}.json`));
    let yachtClass = classes.get(own.class);
    if (!yachtClass) {
      yachtClass = { id: uuid(), document: parseAs(YachtFile, read(`demo/classes/${own.class}.json`)) };
      classes.set(own.class, yachtClass);
      await db.query("insert into yacht_class (id, base_id, slug, revision, document) values ($1, $2, $3, 1, $4)", [
        yachtClass.id,
        loaded.baseId,
        own.class,
        JSON.stringify(yachtClass.document),
      ]);
    }
    const file = parseAs(YachtFile, resolveYacht(yachtClass.document, own.patch));
    const errors = checkFile(file, dayIn(now(), loaded.timeZone)).filter((finding) => finding.level === "error");
    if (errors.length > 0)
      throw new Error(`demo/yachts/${slug}.json: ${errors.map((each) => each.message).join("; ")}`);
    const id = uuid();
    loaded.yachts.set(slug, id);
    await db.query("insert into yacht (id, base_id, slug, name, berth, code) values ($1, $2, $3, $4, $5, $6)", [
      id,
      loaded.baseId,
      slug,
      file.particulars.name,
      berth,
      code,
    ]);
    await db.query(
      `insert into yacht_revision (yacht_id, base_id, revision, class_id, patch, document, document_hash, published_at, why) values ($1, $2, 1, $3, $4, $5, $6, $7, 'demo')`,
      [id, loaded.baseId, yachtClass.id, JSON.stringify(own.patch), JSON.stringify(file), digestOf(file), now()],
    );
  }
}

async function loadCharter(
  db: Queryable,
  loaded: Loaded,
  script: Scenario,
  charter: ScriptedCharter,
): Promise<LoadedStay> {
  const { baseId, at } = loaded;
  const addPerson = async (name: string) => {
    const id = uuid();
    const email = `${name.toLowerCase().replaceAll(" ", ".")}@crew.example`;
    await db.query("insert into person (id, base_id, name, email) values ($1, $2, $3, $4)", [id, baseId, name, email]);
    return id;
  };
  const skipperId = await addPerson(charter.skipper);
  const chartererId = charter.charterer === charter.skipper ? skipperId : await addPerson(charter.charterer);
  const [charterId, stayId] = [uuid(), uuid()];
  const briefer = loaded.staff.get(charter.briefer);
  if (!briefer) throw new Error(`demo/scenario.json: ${charter.reference} has a briefer who is not of the staff`);
  const terms: CharterTerms = {
    ...script.terms,
    deposit: charter.agreed ?? script.terms.deposit,
    waiver: charter.waiver ?? script.terms.waiver,
  };
  await db.query(
    "insert into charter (id, base_id, reference, charterer_id, skipper_id, terms, language) values ($1, $2, $3, $4, $5, $6, $7)",
    [charterId, baseId, charter.reference, chartererId, skipperId, JSON.stringify(terms), charter.language ?? "en"],
  );
  await db.query(
    "insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) values ($1, $2, $3, $4, $5, $6, $7)",
    [stayId, baseId, charterId, loaded.yachts.get(charter.yacht), at(charter.from), at(charter.to), charter.aboard],
  );
  if (charter.link)
    await storeCharterLink(db, charterId, charter.link.secret, charter.link.pin, addHours(at(charter.to), 24 * 60));
  if (charter.crew)
    await addCrewList(
      db,
      stayId,
      Object.entries(charter.crew).map(([name, weightKg]) => ({ name, weightKg })),
      briefer.id,
      now(),
    );
  if (charter.extras) {
    const yacht = await findYacht(db, { slug: charter.yacht });
    const hired = Object.entries(charter.extras).flatMap(([key, count]) => {
      const extra = script.extras[key];
      return extra && yacht ? [{ key, count, place: placeOf(extra, yacht.file) }] : [];
    });
    await hireForCharter(db, charterId, { onNumber: 0, hired }, briefer.id);
  }
  if (charter.study) {
    const studiedAt = min(at(charter.study.at), now());
    const yacht = await findYacht(db, { slug: charter.yacht });
    if (!yacht) throw new Error(`demo/scenario.json: ${charter.reference} has no yacht`);
    const taken = await atTime(studiedAt, () =>
      takeStudyAnswers(db, charterId, playStudy(yacht.file, yacht.revision, charter.study as ScriptedStudy, studiedAt)),
    );
    const refused = taken.find((each) => each.status !== "kept");
    if (refused) throw new Error(`demo/scenario.json: ${charter.reference}, study: ${refused.message}`);
  }
  for (const call of charter.calls ?? [])
    await addCall(
      db,
      { id: uuid(), stayId, topic: call.topic, words: call.words },
      briefer.id,
      addHours(at(charter.from), call.afterHours),
    );
  if (charter.deposit === "held") await holdScripted(db, loaded, script, charter, { stayId, terms, by: briefer.id });
  return { stayId, skipperId, skipper: charter.skipper, chartererId, charterer: charter.charterer, briefer };
}

async function holdScripted(
  db: Queryable,
  { at }: Loaded,
  script: Scenario,
  charter: ScriptedCharter,
  { stayId, terms, by }: { stayId: string; terms: CharterTerms; by: string },
): Promise<void> {
  const { amountMinor, how } = terms.deposit;
  const { currency } = script.base;
  const key = `demo-hold-${charter.reference}`;
  await atTime(min(addHours(at(charter.from), -26), now()), async () => {
    if (notedByHand(how))
      await noteDeposit(
        db,
        { stayId, terms },
        currency,
        { amountMinor, reference: `R-${charter.reference.slice(3)}` },
        key,
        by,
      );
    else
      await holdDeposit(
        db,
        simulatedTerminal(terminalBook(db), "approves"),
        { stayId, amountMinor, currency },
        key,
        by,
      );
  });
}
