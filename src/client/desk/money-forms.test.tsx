/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import type { ReactElement } from "react";
import type { AfterItem, SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import type { PriceList } from "@/core/settlement/prices";
import { usualRules } from "@/core/base/rules";
import type { Difference } from "@/core/comparison/compare";
import type { SettlementLine } from "@/core/settlement/schema";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { BaseRulesPage } from "./rules/BaseRulesPage";
import { DecisionForm } from "./DecisionForm";
import { BelowWaterForm } from "./extras/BelowWaterForm";
import { FuelForm } from "./extras/FuelForm";
import { ServiceForm } from "./extras/ServiceForm";
import { PriceListPart } from "./PriceListPart";
import { StatementLine } from "./StatementLine";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

const stayId = "00000000-0000-7000-8000-000000000001";
const view = {
  stay: { stayId, endsAt: "2027-06-19T09:00:00.000Z" },
  currency: "EUR",
  timeZone: "Atlantic/Azores",
  tanks: [{ line: "reading:fuel", name: "Fuel tank" }],
  prices: {
    labourPerHourMinor: 6000,
    lateReturn: { freeMinutes: 30, perHourMinor: 5000 },
    items: [
      // 20.00 of material and half an hour at 60.00 are 50.00
      {
        id: "gelcoat",
        words: "Gelcoat scratch",
        category: "hull",
        remedy: "repair",
        materialMinor: 2000,
        labourMinutes: 30,
        lifeMonths: null,
      },
      {
        id: "rope",
        words: "Mooring line",
        category: "deck",
        remedy: "replace",
        materialMinor: 4500,
        labourMinutes: 0,
        lifeMonths: 60,
      },
      {
        id: "clean",
        words: "Cleaning",
        category: "service",
        remedy: "repair",
        materialMinor: 0,
        labourMinutes: 90,
        lifeMonths: null,
      },
    ],
  },
} as unknown as SettlementScreen;

const itemOf = (
  difference: Partial<Difference>,
  line: Partial<SettlementLine> | null,
  more: Partial<SettlementItem> = {},
) =>
  ({
    name: "Port side",
    why: "",
    prior: null,
    proposal: {
      decided: false,
      needs: "cause",
      line,
      difference: { id: "new-mark:mark:1", kind: "new-mark", group: "hull", ...difference },
    },
    ...more,
  }) as unknown as SettlementItem;
const mark = itemOf({}, { kind: "damage" } as Partial<SettlementLine>);
const lost = itemOf({ id: "missing:count:fender", kind: "missing" }, { kind: "missing" } as Partial<SettlementLine>);

let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
  base.answer(200, {});
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const pick = (name: string | RegExp) => screen.getByRole("radio", { name });
const field = (name: string | RegExp) => screen.getByLabelText(name);
const sent = () => base.asked.at(-1)?.body as { decision: Record<string, unknown>; why: string };
const draw = (part: ReactElement) => drawDesk(part);

describe("deciding what a difference costs", () => {
  const keep = () => tap(/^Save the decision/);

  it("asks whose it is before anything is sent", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(keep());
    expect(screen.getByRole("alert")).toHaveTextContent("Say whose it is.");
    expect(base.asked).toEqual([]);
  });

  it("sends wear without any sum, as wear costs nobody anything", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("wear"));
    expect(screen.queryByLabelText("Estimate, EUR")).not.toBeInTheDocument();
    await person.click(keep());
    expect(sent()).toMatchObject({ decision: { charge: true, cause: "wear", disputed: false }, why: "" });
  });

  it("sends no charge at all where there is none", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("no charge"));
    await person.click(keep());
    expect(sent().decision).toEqual({ charge: false });
  });

  it("takes an estimate in whole cents, and a range where the price is not fixed", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("the charterer's"));
    await person.type(field("Estimate, EUR"), "120,50");
    await person.type(field("or from, EUR (not fixed)"), "90");
    await person.click(keep());
    expect(sent().decision).toMatchObject({
      cause: "charterer",
      remedy: "repair",
      estimateMinor: 12_050,
      estimateLowMinor: 9000,
      sharePercent: 100,
    });
  });

  it.each([
    ["", "An amount such as 120"],
    ["much", "An amount such as 120"],
    ["0", "An amount such as 120"],
  ])("refuses %j as an estimate at its field, and sends nothing", async (typed, words) => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("the charterer's"));
    if (typed) await person.type(field("Estimate, EUR"), typed);
    await person.click(keep());
    expect(field("Estimate, EUR")).toHaveAccessibleDescription(expect.stringContaining(words));
    expect(base.asked).toEqual([]);
  });

  it("refuses a range whose lower end is the higher", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("the charterer's"));
    await person.type(field("Estimate, EUR"), "100");
    await person.type(field("or from, EUR (not fixed)"), "100.01");
    await person.click(keep());
    expect(field("or from, EUR (not fixed)")).toHaveAccessibleDescription("The lower end is above the estimate.");
  });

  it("takes estimate, remedy and life from the price list, and says which line it was", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    await person.click(pick("the charterer's"));
    await person.selectOptions(field("From the price list"), "gelcoat");
    expect(field("Estimate, EUR")).toHaveValue("50");
    expect(screen.getByText(/Gelcoat scratch, labour €60.00 an hour/)).toBeInTheDocument();
    await person.selectOptions(field("From the price list"), "rope");
    expect(field("Life, months")).toHaveValue("60");
    await person.clear(field("Age, months"));
    await person.type(field("Age, months"), "20");
    await person.click(keep());
    expect(sent().decision).toMatchObject({
      remedy: "replace",
      estimateMinor: 4500,
      ageMonths: 20,
      lifeMonths: 60,
      priced: "Mooring line",
    });
  });

  it("wants a reason for goodwill, and for gross negligence, which takes the cap off", async () => {
    const person = draw(<DecisionForm item={lost} screen={view} />);
    await person.click(pick("the charterer's"));
    await person.click(screen.getByText("Share, goodwill, negligence"));
    await person.type(field("Goodwill, EUR"), "10");
    await person.click(keep());
    expect(field("In a few words, why")).toHaveAccessibleDescription("A reduction as goodwill needs a reason.");
    expect(field("In a few words, why")).toHaveFocus();
    await person.clear(field("Goodwill, EUR"));
    await person.click(screen.getByRole("checkbox", { name: /gross negligence/ }));
    await person.click(keep());
    expect(field("In a few words, why")).toHaveAccessibleDescription(/removes the cap/);
    await person.type(field("In a few words, why"), " sailed on after the grounding ");
    await person.click(keep());
    expect(sent()).toMatchObject({
      decision: { cause: "charterer", grossNegligence: true },
      why: "sailed on after the grounding",
    });
  });

  it("leaves gross negligence to the manager", async () => {
    const person = drawDesk(<DecisionForm item={lost} screen={view} />, ["office"]);
    await person.click(pick("the charterer's"));
    await person.click(screen.getByText("Share, goodwill, negligence"));
    expect(screen.queryByRole("checkbox", { name: /gross negligence/ })).not.toBeInTheDocument();
    expect(screen.getByText("Gross negligence is for the base manager to decide.")).toBeInTheDocument();
  });

  it("charges nobody for what was reported before: the base's own fault, or wear", () => {
    draw(<DecisionForm item={itemOf({}, null, { prior: "Reported on 2 June" })} screen={view} />);
    expect(screen.queryByRole("radio", { name: "the charterer's" })).not.toBeInTheDocument();
    expect(pick("the base's")).toBeInTheDocument();
  });

  it("marks the field that the base refuses, by the name it has in the body", async () => {
    const person = draw(<DecisionForm item={mark} screen={view} />);
    base.answer(422, {
      error: { code: "range-turned", message: "Lower end first.", where: "estimateLowMinor", params: {} },
    });
    await person.click(pick("the charterer's"));
    await person.type(field("Estimate, EUR"), "100");
    await person.click(keep());
    await waitFor(() => expect(field("or from, EUR (not fixed)")).toHaveAccessibleDescription("Lower end first."));
    expect(screen.getAllByRole("alert")).toHaveLength(1);
  });
});

describe("what is put on a statement beside the differences", () => {
  const put = jest.fn();
  const form = { screen: view, onPut: put };
  beforeEach(() => base.answer(201, { id: stayId }));
  const extra = () => (base.asked.at(-1)?.body as { extra: object } | undefined)?.extra;

  it("is a service in the base's own words, or from its price list: 90 minutes at 60.00 are 90.00", async () => {
    const person = draw(<ServiceForm {...form} />);
    await person.selectOptions(field("From the price list"), "clean");
    expect(field("Amount, EUR")).toHaveValue("90.00");
    await person.click(tap("Add it"));
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(extra()).toEqual({ kind: "service", words: "Cleaning", amountMinor: 9000 });
  });

  it.each([
    ["", "45", "What it is", "Say what it is."],
    ["Keys", "", "Amount, EUR", "An amount such as 45 or 45.50, please."],
    ["Keys", "0", "Amount, EUR", "An amount such as 45 or 45.50, please."],
  ])("is refused as a service %j for %j, at its field", async (words, amount, label, fault) => {
    const person = draw(<ServiceForm {...form} />);
    if (words) await person.type(field("What it is"), words);
    if (amount) await person.type(field("Amount, EUR"), amount);
    await person.click(tap("Add it"));
    await waitFor(() => expect(field(label)).toHaveAccessibleDescription(fault));
    expect(field(label)).toHaveFocus();
    expect(base.asked).toEqual([]);
  });

  it("lists everything that is wrong in one place, each a way to its field", async () => {
    const person = draw(<ServiceForm {...form} />);
    await person.click(tap("Add it"));
    const list = await screen.findByRole("group", { name: "2 things to mend" });
    expect(field("What it is")).toHaveFocus();
    await person.click(within(list).getByRole("button", { name: /^Amount, EUR/ }));
    expect(field("Amount, EUR")).toHaveFocus();
    expect(put).not.toHaveBeenCalled();
  });

  it("is fuel with litres, day, receipt and the tank that was filled to the cap", async () => {
    const person = draw(<FuelForm {...form} />);
    // the charter ends at nine in the morning in Lisbon time less one: on the 19th
    expect(field("Day on the receipt")).toHaveValue("2027-06-19");
    await person.type(field("Litres"), "38,4");
    await person.type(field("Number of the receipt, and where"), " 4711 ");
    await person.selectOptions(field("Filled to the cap"), "Fuel tank");
    await person.click(tap("Add it"));
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(extra()).toEqual({
      kind: "fuel",
      litres: 38.4,
      day: "2027-06-19",
      reference: "4711",
      full: "reading:fuel",
    });
  });

  it.each([
    ["", "1", "Litres", "Litres in numbers, please."],
    ["-4", "1", "Litres", "Litres in numbers, please."],
    ["full", "1", "Litres", "Litres in numbers, please."],
    ["20", "", "Number of the receipt, and where", "Without its number nobody finds the receipt again."],
  ])("is refused as fuel of %j litres with receipt %j", async (litres, receipt, label, fault) => {
    const person = draw(<FuelForm {...form} />);
    if (litres) await person.type(field("Litres"), litres);
    if (receipt) await person.type(field("Number of the receipt, and where"), receipt);
    await person.click(tap("Add it"));
    await waitFor(() => expect(field(label)).toHaveAccessibleDescription(fault));
    expect(base.asked).toEqual([]);
  });

  it("is a sum kept back until a day on which somebody looks below the water", async () => {
    const person = draw(<BelowWaterForm {...form} />);
    await person.type(field("Kept back, EUR"), "500");
    await person.click(tap("Add it"));
    await waitFor(() =>
      expect(field("Looked at until")).toHaveAccessibleDescription("Until which day is the hull looked at?"),
    );
    await person.type(field("Looked at until"), "2027-06-26");
    await person.click(tap("Add it"));
    await waitFor(() => expect(put).toHaveBeenCalled());
    // six in the evening on the Azores in summer is six in UTC
    expect(extra()).toEqual({ kind: "below-water", amountMinor: 50_000, until: "2027-06-26T18:00:00.000Z" });
  });
});

describe("a line of a signed statement", () => {
  const held = { id: "d", name: "Port side", state: "held", atMostMinor: 12_000, finalMinor: 0, said: [] } as AfterItem;
  const part = (line: AfterItem, mayObject = true) => (
    <StatementLine
      stayId={stayId}
      line={line}
      money={(minor) => `€${minor / 100}`}
      at={(instant) => instant}
      currency="EUR"
      mayObject={mayObject}
    />
  );

  it.each(["120.01", "much", ""])("is not settled at %j, above what is open or no sum", async (amount) => {
    const person = draw(part(held));
    await person.click(tap(/^Note what was agreed/));
    if (amount) await person.type(field("Final sum, EUR"), amount);
    await person.type(field("Agreed how, and with whom"), "by phone");
    await person.click(tap("Keep it"));
    expect(field("Final sum, EUR")).toHaveAccessibleDescription("A sum from 0 to €120, please.");
    expect(base.asked).toEqual([]);
  });

  it("is settled at nothing, where that was agreed", async () => {
    const person = draw(part(held));
    await person.click(tap(/^Note what was agreed/));
    await person.type(field("Final sum, EUR"), "0");
    await person.type(field("Agreed how, and with whom"), "by phone with Ms Fenn");
    await person.click(tap("Keep it"));
    expect(base.asked).toEqual([
      {
        method: "POST",
        path: `/api/stays/${stayId}/settlement/outcomes`,
        body: { line: "d", amountMinor: 0, words: "by phone with Ms Fenn" },
      },
    ]);
  });

  it("can be objected to where that is still open, in words", async () => {
    const person = draw(part({ ...held, state: "may-be-objected" }));
    await person.click(tap(/^Note an objection/));
    await person.click(tap("Keep it"));
    expect(field("The objection, in the charterer's words")).toHaveAccessibleDescription(/Say why in a few words/);
    await person.type(field("The objection, in the charterer's words"), "It was there.");
    await person.click(tap("Keep it"));
    expect(base.asked.at(-1)).toMatchObject({ body: { line: "d", words: "It was there." } });
  });

  it.each([
    ["closed", true],
    ["held", false],
  ] as const)("that is %s offers no objection", (state, mayObject) => {
    draw(part({ ...held, state }, mayObject));
    expect(screen.queryByRole("button", { name: /objection/ })).not.toBeInTheDocument();
  });
});

describe("the rules of the base", () => {
  const page = <BaseRulesPage rules={usualRules} number={3} history={[]} timeZone="Atlantic/Azores" maySettle />;
  const wind = () => field("Wind of the first day above which she stays, knots");
  const settle = () => tap("Save the rules");

  it("are settled once something is changed, and with a reason", async () => {
    const person = draw(page);
    expect(settle()).toBeDisabled();
    await person.clear(wind());
    await person.type(wind(), "22");
    await person.click(settle());
    await waitFor(() =>
      expect(field(/^Why/)).toHaveAccessibleDescription("Say briefly why. It is kept with the change."),
    );
    await person.type(field(/^Why/), "new crew");
    await person.click(settle());
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked.at(-1)?.body).toEqual({
      onNumber: 3,
      rules: expect.objectContaining({ windLimitKn: 22, lateHours: usualRules.lateHours }),
      why: "new crew",
    });
  });

  it.each([
    ["Wind of the first day above which she stays, knots", "a lot", /^Whole numbers, please/],
    ["Two marks nearer than this are one, metres", "0.1234", /^Marks: metres up to 5/],
    ["Belt: stop above, mm", "12.34", /^Limits of readings are numbers/],
  ])("mark %s where %j is typed there", async (label, typed, words) => {
    const person = draw(page);
    await person.clear(field(label));
    await person.type(field(label), typed);
    await person.click(settle());
    await waitFor(() => expect(field(label)).toHaveAccessibleDescription(words));
    expect(base.asked).toEqual([]);
  });

  it("are found by their words, and say who settled each, when and why", async () => {
    const change = { number: 2, at: "2027-06-10T08:05:00.000Z", by: "Senna Ridley", why: "gusts off the head" };
    const history = [
      { ...change, rules: { ...usualRules, windLimitKn: 22 } },
      { ...change, number: 1, why: "by law", rules: { ...usualRules, objectDays: 30 } },
    ];
    const person = draw(
      <BaseRulesPage rules={history[0]!.rules} number={2} history={history} timeZone="Atlantic/Azores" maySettle />,
    );
    await person.type(field("Find a rule"), "wind of");
    expect(screen.getByText("Senna Ridley, 10 Jun 2027: gusts off the head")).toBeInTheDocument();
    expect(screen.queryByLabelText("Belt: stop above, mm")).not.toBeInTheDocument();
    await person.clear(field("Find a rule"));
    await person.type(field("Find a rule"), "days to object");
    // settled with the first change, taken back with the second
    expect(screen.getByText("Senna Ridley, 10 Jun 2027: gusts off the head")).toBeInTheDocument();
    await person.type(field("Find a rule"), "zzz");
    expect(screen.getByText("No rule has these words.")).toBeInTheDocument();
    await person.click(screen.getByRole("tab", { name: "Changes" }));
    expect(screen.getAllByRole("listitem")[0]).toHaveTextContent("25 → 22".slice(-2));
  });

  it("are read and not settled by those who do not settle them", () => {
    draw(<BaseRulesPage rules={usualRules} number={3} history={[]} timeZone="Atlantic/Azores" maySettle={false} />);
    expect(screen.queryByRole("button", { name: "Save the rules" })).not.toBeInTheDocument();
    for (const box of screen.getAllByRole("checkbox")) expect(box).toBeDisabled();
  });
});

describe("the price list", () => {
  it("says who settled it last, when by the base's clock, and why", () => {
    draw(part);
    // 08:05 UTC is the same hour in the Azores in summer
    expect(screen.getByRole("status")).toHaveTextContent(
      /^Last settled 10 Jun 2027, 08:05 by Senna Ridley: dearer resin$/,
    );
  });

  const part = (
    <PriceListPart
      prices={view.prices}
      number={2}
      last={{ at: "2027-06-10T08:05:00.000Z", by: "Senna Ridley", why: "dearer resin" }}
      currency="EUR"
      timeZone="Atlantic/Azores"
      maySettle
    />
  );

  it("says what each line comes to as it is typed: 20.00 and 45 minutes at 60.00 are 65.00", async () => {
    const person = draw(part);
    const minutes = field("Labour, min: Gelcoat scratch");
    expect(screen.getByText("€50.00")).toBeInTheDocument();
    await person.clear(minutes);
    await person.type(minutes, "45");
    expect(screen.getByText("€65.00")).toBeInTheDocument();
    await person.clear(field("Labour an hour, EUR"));
    expect(screen.queryByText("€65.00")).not.toBeInTheDocument();
  });

  it("is settled as a whole, in cents, over the change it came with", async () => {
    const person = draw(part);
    await person.click(tap("Remove from the list: Mooring line"));
    await person.selectOptions(field("Group: Gelcoat scratch"), "below deck");
    await person.selectOptions(field("Remedy: Gelcoat scratch"), "replace");
    await person.type(field("Life, months: Gelcoat scratch"), "48");
    await person.click(tap("Save the price list"));
    expect(field("Why do the prices change?")).toHaveAccessibleDescription(
      "Say briefly why. It is kept with the change.",
    );
    await person.type(field("Why do the prices change?"), "new season");
    await person.click(tap("Save the price list"));
    expect(base.asked.at(-1)?.body).toEqual({
      onNumber: 2,
      prices: {
        labourPerHourMinor: 6000,
        lateReturn: { freeMinutes: 30, perHourMinor: 5000 },
        items: [
          {
            ...view.prices.items[0],
            category: "below",
            remedy: "replace",
            lifeMonths: 48,
          },
          view.prices.items[2],
        ],
      },
      why: "new season",
    });
  });

  it.each([
    ["Material, EUR: Gelcoat scratch", "dear", "Gelcoat scratch: the material is an amount such as 18 or 18.50."],
    ["Labour, min: Gelcoat scratch", "1.5", "Gelcoat scratch: labour is whole minutes."],
    ["Life, months: Mooring line", "0", "Mooring line: a life is whole months, or empty."],
    ["Labour an hour, EUR", "-5", /^Labour and late return: amounts/],
  ])("is not settled with %s as %j", async (label, typed, words) => {
    const person = draw(part);
    await person.clear(field(label));
    await person.type(field(label), typed);
    await person.click(tap("Save the price list"));
    expect(screen.getByText(words)).toBeInTheDocument();
    expect(base.asked).toEqual([]);
  });

  it("takes rows out of a file into the list, which is settled as ever", async () => {
    const person = draw(part);
    const text =
      "what;group;remedy;material;labour min;life months\nGelcoat scratch;;;22,00;;\nFender;deck;replace;1.035,00;0;36\nOdd;roof;;;;\n";
    const file = new File([text], "prices.csv", { type: "text/csv" });
    // what this browser's stand-in for files lacks
    file.arrayBuffer = () => Promise.resolve(new TextEncoder().encode(text).buffer as ArrayBuffer);
    await person.upload(field("From a list"), file);
    expect(await screen.findByText("prices.csv: 1 new, 1 changed, 0 as they stand, 1 refused.")).toBeInTheDocument();
    expect(screen.getByText("Line 4, Odd: Group cannot be “roof”")).toBeInTheDocument();
    expect(field("Material, EUR: Gelcoat scratch")).toHaveValue("20.00");
    await person.click(tap("Put 2 rows into the list"));
    expect(field("Material, EUR: Gelcoat scratch")).toHaveValue("22.00");
    expect(field("Material, EUR: Fender")).toHaveValue("1035.00");
    expect(base.asked).toEqual([]);
    await person.type(field("Why do the prices change?"), "new season");
    await person.click(tap("Save the price list"));
    const { prices } = base.asked.at(-1)?.body as { prices: PriceList };
    expect(prices.items.at(-1)).toMatchObject({
      words: "Fender",
      category: "deck",
      materialMinor: 103_500,
      lifeMonths: 36,
    });
  });

  it("is not settled with a new line that has no words", async () => {
    const person = draw(part);
    await person.click(tap("Add a line"));
    await person.click(tap("Save the price list"));
    expect(screen.getByText(/^A line of the list has no words/)).toBeInTheDocument();
  });

  it("is read and not typed by those who do not settle it", () => {
    draw(
      <PriceListPart
        prices={view.prices}
        number={0}
        last={null}
        currency="EUR"
        timeZone="Atlantic/Azores"
        maySettle={false}
      />,
    );
    expect(field("What: Gelcoat scratch")).toBeDisabled();
    expect(screen.queryByRole("button")).not.toBeInTheDocument();
  });
});
