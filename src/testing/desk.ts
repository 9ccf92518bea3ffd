import type { HandoverBrief, SettlementScreen, StayView, TodayRow } from "../api/schemas/desk";
import { id } from "./records";

/** A stay of Pale Heron as the desk sees it, changed where a test needs it. */
export const stayOf = (change: Partial<StayView> = {}): StayView =>
  ({
    stayId: id(902),
    charterId: id(910),
    reference: "BR-1",
    part: 1,
    yachtId: id(901),
    yachtName: "Pale Heron",
    yachtSlug: "pale-heron",
    berth: "A4",
    startsAt: "2027-06-12T15:00:00.000Z",
    endsAt: "2027-06-19T09:00:00.000Z",
    aboard: 4,
    calledOff: null,
    skipperId: id(903),
    skipper: "Isa Calder",
    chartererId: id(904),
    charterer: "Bo Marrick",
    authority: null,
    terms: { deposit: { amountMinor: 250_000, how: "card-hold" }, waiver: null },
    heldMinor: 0,
    handovers: [],
    settledAt: null,
    ...change,
  }) as StayView;

/** A handover of that stay, changed where a test needs it. */
export const handoverOf = (kind: HandoverBrief["kind"], change: Partial<HandoverBrief> = {}): HandoverBrief =>
  ({
    id: id(kind === "check-in" ? 921 : kind === "check-out" ? 922 : 923),
    kind,
    openedAt: "2027-06-12T13:00:00.000Z",
    sealedAt: null,
    prepDone: false,
    entries: 12,
    late: 0,
    seals: [],
    against: [],
    lifted: null,
    ...change,
  }) as HandoverBrief;

/** A row of Today about that stay. */
export const rowOf = (stay: StayView, change: Partial<TodayRow> = {}): TodayRow => ({
  stay,
  next: "start-check-in",
  at: stay.startsAt,
  verdict: "watch",
  recorded: 0,
  late: 0,
  notCleared: false,
  farBelow: null,
  readiness: null,
  fileWork: null,
  tells: null,
  ...change,
});

/** A settlement of that stay: one fender charged, a canvas held, and a sum signed for later. */
export const settlementOf = (change: Partial<SettlementScreen> = {}): SettlementScreen =>
  ({
    stay: stayOf({ heldMinor: 250_000 }),
    currency: "EUR",
    faults: [],
    timeZone: "Atlantic/Azores",
    told: [],
    troubles: [],
    notLookedBelow: false,
    items: [
      { name: "Fender, large", proposal: { difference: { id: "missing:count:fender" } } },
      { name: "Sprayhood", proposal: { difference: { id: "worse:look:canvas" } } },
    ],
    extras: [],
    prices: { labourPerHourMinor: 6000, lateReturn: { freeMinutes: 30, perHourMinor: 5000 }, items: [] },
    late: null,
    tanks: [],
    output: {
      lines: [
        { id: "missing:count:fender", amountMinor: 2210, chargedMinor: 2210, heldMinor: 0, how: "€22.10 charged" },
        { id: "worse:look:canvas", amountMinor: 18050, chargedMinor: 0, heldMinor: 18050, how: "€180.50 held" },
        { id: "wear", amountMinor: 0, chargedMinor: 0, heldMinor: 0, how: "wear, no charge" },
      ],
      dueMinor: 2210,
      heldMinor: 18050,
      captureMinor: 2210,
      // 2500.00 − 22.10 − 180.50
      releaseMinor: 229_740,
      stillToPayMinor: 0,
    },
    range: null,
    digest: "d".repeat(64),
    undecided: 0,
    signed: null,
    after: null,
    deposit: [],
    booksDiffer: [],
    ...change,
  }) as unknown as SettlementScreen;
