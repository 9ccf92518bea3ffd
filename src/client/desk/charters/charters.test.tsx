/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { CharterForm, Guest } from "@/api/schemas/charters";
import { usualCharters, type UsualCharters } from "@/core/charters/agreed";
import { handoverOf, stayOf } from "@/testing/desk";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import type { StayView } from "@/api/schemas/desk";
import { CallOff } from "./CallOff";
import { ChangeCharter } from "./ChangeCharter";
import { ChangeList } from "./ChangeList";
import { GiveBack } from "./GiveBack";
import { NewCharter } from "./NewCharter";
import { UsualChartersTab } from "./UsualChartersTab";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));
beforeEach(() => {
  localStorage.clear();
  router.push.mockClear();
});
afterEach(cleanup);

const start: CharterForm = {
  ...usualCharters,
  yachts: [
    { slug: "pale-heron", name: "Pale Heron", berth: "A4", maximumAboard: 10 },
    { slug: "sea-thrift", name: "Sea Thrift", berth: "B1", maximumAboard: 5 },
  ],
  extras: [],
  reference: "BR-1066",
  today: "2027-06-09",
  language: "en",
  currency: "EUR",
};
const jory: Guest = { id: id(5), name: "Jory Fenn", email: "jory@fenn.example", phone: "", last: "BR-1058" };

describe("a new charter", () => {
  it("begins with the next Saturday, the base's hours and a week; the end moves with the start", async () => {
    const user = drawDesk(<NewCharter start={start} />, ["office"]);
    expect(screen.getByLabelText("Out on")).toHaveValue("2027-06-12");
    expect(screen.getByLabelText("Back on")).toHaveValue("2027-06-19");
    expect(screen.getAllByLabelText("at").map((each) => (each as HTMLInputElement).value)).toEqual(["17:00", "09:00"]);
    await user.clear(screen.getByLabelText("Out on"));
    await user.type(screen.getByLabelText("Out on"), "2027-07-03");
    expect(screen.getByLabelText("Back on")).toHaveValue("2027-07-10");
    expect(screen.getByText("No deposit")).toBeInTheDocument();
    expect(screen.getByText("BR-1066 where you leave it blank")).toBeInTheDocument();
  });

  it("says what is wrong at each field before anything is sent, by the yacht that is chosen", async () => {
    const base = wire();
    const user = drawDesk(<NewCharter start={start} />, ["office"]);
    await user.selectOptions(screen.getByLabelText("Yacht"), "sea-thrift");
    await user.clear(screen.getByLabelText("How many aboard"));
    await user.type(screen.getByLabelText("How many aboard"), "6");
    await user.type(screen.getByLabelText("Telephone"), "call");
    await user.click(screen.getByRole("button", { name: "Enter the charter" }));
    expect((await screen.findAllByText(/Write a whole number, from 1 to 5\./)).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/Write the name\./).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/This is no telephone number/).length).toBeGreaterThan(0);
    expect(base.asked.filter(({ method }) => method !== "GET")).toHaveLength(0);
  });

  it("keeps what was typed on this device until it is entered, or begun anew", async () => {
    const first = drawDesk(<NewCharter start={start} />, ["office"]);
    await first.selectOptions(screen.getByLabelText("Yacht"), "sea-thrift");
    await first.type(screen.getByLabelText("Charterer, who signs the contract"), "Rill Ander");
    cleanup();
    const user = drawDesk(<NewCharter start={start} />, ["office"]);
    expect(screen.getByText("What was typed here before and not entered is here again.")).toBeInTheDocument();
    expect(screen.getByLabelText("Charterer, who signs the contract")).toHaveValue("Rill Ander");
    expect(screen.getByLabelText("Yacht")).toHaveValue("sea-thrift");
    await user.click(screen.getByRole("button", { name: "Begin anew" }));
    expect(screen.getByLabelText("Charterer, who signs the contract")).toHaveValue("");
    expect(screen.queryByText(/is here again/)).not.toBeInTheDocument();
    // what is chosen in the calendar wins over what was typed
    await user.type(screen.getByLabelText("Charterer, who signs the contract"), "Una Wells");
    cleanup();
    drawDesk(<NewCharter start={start} chosen={{ yacht: "pale-heron", fromDay: "2027-07-03" }} />, ["office"]);
    expect(screen.getByLabelText("Yacht")).toHaveValue("pale-heron");
    expect(screen.getByLabelText("Out on")).toHaveValue("2027-07-03");
    expect(screen.getByLabelText("Charterer, who signs the contract")).toHaveValue("Una Wells");
  });

  it("hires extras with it, and says where another calendar promises her", async () => {
    const base = wire();
    base.answer(200, {
      timeZone: "Atlantic/Azores",
      elsewhere: [{ feed: "Agency", startsAt: "2027-06-13T17:00:00Z", endsAt: "2027-06-15T09:00:00Z" }],
    });
    const extras = [{ key: "kayak", name: "Kayak", hireMinor: 9000, hirePer: "week" as const }];
    const user = drawDesk(<NewCharter start={{ ...start, extras }} />, ["office"]);
    expect(await screen.findByText(/^Agency says she is promised elsewhere then: 13 Jun 2027/)).toBeInTheDocument();
    expect(base.asked[0]?.path).toContain("yacht=pale-heron&fromDay=2027-06-12");
    const kayaks = screen.getByLabelText("Kayak");
    expect(kayaks).toHaveAccessibleDescription("€90.00 a week");
    await user.type(kayaks, "x");
    expect(screen.getByRole("button", { name: "Enter the charter" })).toBeDisabled();
    await user.clear(kayaks);
    await user.type(kayaks, "2");
    expect(screen.getByText("Extras: 2")).toBeInTheDocument();
    base.answer(201, { id: id(1), reference: "BR-1066" });
    await user.type(screen.getByLabelText("Charterer, who signs the contract"), "R");
    await user.click(screen.getByRole("button", { name: "Enter the charter" }));
    await waitFor(() => expect(router.push).toHaveBeenCalledWith("/charters/BR-1066"));
    expect(base.asked.at(-1)?.body).toMatchObject({ extras: [{ key: "kayak", count: 2 }] });
    expect(localStorage.getItem("brinecove-new-charter")).toBeNull();
  });

  it("takes a guest the base knows by one tap, and a changed name for somebody new", async () => {
    const base = wire();
    base.answer(200, { guests: [jory] });
    const user = drawDesk(<NewCharter start={start} />, ["office"]);
    const name = screen.getByLabelText("Charterer, who signs the contract");
    await user.type(name, "jo");
    await user.click(await screen.findByRole("button", { name: "Jory Fenn, jory@fenn.example, last BR-1058" }));
    expect(name).toHaveValue("Jory Fenn");
    expect(screen.getByLabelText("Mail address")).toHaveValue("jory@fenn.example");
    expect(screen.getByText("Known to the base, last BR-1058. Another name makes another guest.")).toBeInTheDocument();
    base.answer(201, { id: id(1), reference: "BR-1066" });
    await user.click(screen.getByRole("button", { name: "Enter the charter" }));
    await waitFor(() => expect(router.push).toHaveBeenCalledWith("/charters/BR-1066"));
    expect(base.asked.at(-1)).toMatchObject({
      method: "POST",
      path: "/api/charters",
      body: {
        yacht: "pale-heron",
        charterer: { id: id(5), name: "Jory Fenn" },
        skipper: null,
        terms: "usual",
        reference: "",
        aboard: 2,
      },
    });
    base.answer(200, { guests: [] });
    await user.type(name, " Senior");
    base.answer(201, { id: id(1), reference: "BR-1067" });
    await user.click(screen.getByRole("button", { name: "Enter the charter" }));
    await waitFor(() => expect(router.push).toHaveBeenCalledTimes(2));
    expect(base.asked.at(-1)?.body).toMatchObject({ charterer: { id: null, name: "Jory Fenn Senior" } });
  });

  it("sends a base without a yacht to make one", () => {
    drawDesk(<NewCharter start={{ ...start, yachts: [] }} />, ["office"]);
    expect(screen.getByRole("link", { name: "Make a yacht" })).toHaveAttribute("href", "/fleet/new");
    expect(screen.queryByRole("button", { name: "Enter the charter" })).toBeNull();
  });
});

describe("changing a charter", () => {
  const changed = {
    yachts: start.yachts,
    charterer: jory,
    skipper: jory,
    language: "en" as const,
    days: { fromDay: "2027-06-12", outAt: "17:00", toDay: "2027-06-19", backAt: "09:00" },
    onNumber: 2,
    goesOn: null,
  };
  const said = { currency: "EUR", at: (instant: string) => `at ${instant}` };
  const stay = stayOf({ skipperId: jory.id, chartererId: jory.id, skipper: jory.name, charterer: jory.name });

  it("tells what it would do before it is made, and what keeps it from being made", async () => {
    const base = wire();
    const user = drawDesk(<ChangeCharter stay={{ ...stay, yachtSlug: "pale-heron" }} start={changed} {...said} />, [
      "office",
    ]);
    await user.click(screen.getByRole("button", { name: "Change charter" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.queryByRole("region", { name: "What it does" })).toBeNull();
    expect(base.asked.filter(({ method }) => method !== "GET")).toHaveLength(0);
    base.answer(200, {
      effects: [
        { code: "prep-anew", was: "Pale Heron" },
        { code: "days-more", hours: 26 },
        { code: "deposit-stays", heldMinor: 250_000 },
        { code: "told-before", kinds: ["what-to-bring", "due-back"] },
        { code: "precedes", reference: "BR-1070", hours: 6 },
      ],
    });
    await user.selectOptions(dialog.getByLabelText("Yacht"), "sea-thrift");
    await user.clear(dialog.getByLabelText("How many aboard"));
    await user.type(dialog.getByLabelText("How many aboard"), "3");
    const effects = within(await dialog.findByRole("region", { name: "What it does" }));
    expect(effects.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
      "What was prepared on Pale Heron stays with her. The other yacht has her own prep.",
      "The charter is one day 2 h longer.",
      "€2,500.00 of the deposit stays held, for the same charter.",
      "They were told otherwise: What to bring, Due back tomorrow. Write to them again.",
      "BR-1070 goes out 6 h later.",
    ]);
    expect(base.asked.at(-1)).toMatchObject({
      path: `/api/stays/${stay.stayId}/foresee`,
      body: { becomes: { yacht: "sea-thrift", aboard: 3, fromDay: "2027-06-12" } },
    });
    base.answer(409, {
      error: { code: "yacht-promised", message: "Sea Thrift is promised to BR-1070 then.", where: "yacht" },
    });
    await user.clear(dialog.getByLabelText("How many aboard"));
    await user.type(dialog.getByLabelText("How many aboard"), "2");
    expect(await dialog.findByRole("alert")).toHaveTextContent("Sea Thrift is promised to BR-1070 then.");
    expect(dialog.queryByRole("region", { name: "What it does" })).toBeNull();
  });

  it("asks why, and is made on what was seen", async () => {
    const base = wire();
    const user = drawDesk(
      <ChangeCharter stay={{ ...stay, yachtSlug: "pale-heron", handovers: [] }} start={changed} {...said} />,
      ["office"],
    );
    await user.click(screen.getByRole("button", { name: "Change charter" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByRole("button", { name: "Change it" })).toBeDisabled();
    await user.selectOptions(dialog.getByLabelText("Yacht"), "sea-thrift");
    await user.clear(dialog.getByLabelText("How many aboard"));
    await user.type(dialog.getByLabelText("How many aboard"), "3");
    await user.type(dialog.getByLabelText("Why"), "sail torn");
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "Change it" }));
    await waitFor(() => expect(base.asked.at(-1)?.path).toMatch(/\/change$/));
    expect(base.asked.at(-1)?.body).toMatchObject({
      onNumber: 2,
      why: "sail torn",
      told: "",
      yacht: "sea-thrift",
      aboard: 3,
      charterer: { id: jory.id },
    });
  });

  it("leaves yacht and start alone once something was opened aboard, and is nothing for a technician", async () => {
    const begun = { ...stay, yachtSlug: "pale-heron", handovers: [handoverOf("prep", {})] };
    const user = drawDesk(<ChangeCharter stay={begun} start={changed} {...said} />, ["office"]);
    await user.click(screen.getByRole("button", { name: "Change charter" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText("Something was opened aboard: yacht and start stand.")).toBeInTheDocument();
    expect(dialog.getByLabelText("Yacht")).toBeDisabled();
    expect(dialog.getByLabelText("Out on")).toBeDisabled();
    expect(dialog.getByLabelText("Back on")).toBeEnabled();
    cleanup();
    drawDesk(<ChangeCharter stay={begun} start={changed} {...said} />, ["technician"]);
    expect(screen.queryByRole("button", { name: "Change charter" })).toBeNull();
  });

  it("is told with what stood before", () => {
    const agreed = { yacht: "Pale Heron", startsAt: "a", endsAt: "b", aboard: 4, language: "en", skipper: "1" };
    drawDesk(
      <ChangeList
        changes={[
          {
            number: 1,
            at: "x",
            by: "Odile Varn",
            why: "train",
            told: "crew",
            was: agreed,
            became: { ...agreed, endsAt: "c", aboard: 5, skipper: "2" },
          },
        ]}
        at={(instant) => `at ${instant}`}
      />,
    );
    const [row] = screen.getAllByRole("listitem");
    expect(row?.textContent).toBe("at x, Odile Varn: trainback at b → at c4 → 5 aboardother peopleTold: crew");
  });
});

describe("calling a charter off", () => {
  const at = (instant: string) => `at ${instant}`;
  const draw = (change: Parameters<typeof stayOf>[0], roles: Parameters<typeof drawDesk>[1] = ["office"]) =>
    drawDesk(<CallOff stay={stayOf(change)} onNumber={3} currency="EUR" at={at} />, roles);

  it("tells what it does, asks why, and sends what happened", async () => {
    const base = wire();
    base.answer(200, { effects: [{ code: "yacht-free", yacht: "Pale Heron", startsAt: "a", endsAt: "b" }] });
    const user = draw({});
    await user.click(screen.getByRole("button", { name: "Call off" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(await dialog.findByText("Pale Heron is free from at a until at b.")).toBeInTheDocument();
    expect(base.asked[0]?.body).toEqual({ becomes: null });
    expect(dialog.getByRole("button", { name: "Call it off" })).toBeDisabled();
    await user.click(dialog.getByText("The crew did not come"));
    await user.type(dialog.getByLabelText("Why"), "no word from them");
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "Call it off" }));
    await waitFor(() => expect(base.asked.at(-1)?.path).toMatch(/\/call-off$/));
    expect(base.asked.at(-1)?.body).toEqual({ onNumber: 3, to: "no-show", why: "no word from them", told: "" });
  });

  it("lets it take place after all", async () => {
    const base = wire();
    const user = draw({ calledOff: "cancelled" });
    await user.click(screen.getByRole("button", { name: "It takes place after all" }));
    const dialog = within(await screen.findByRole("dialog"));
    await user.type(dialog.getByLabelText("Why"), "well again");
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "It takes place after all" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toMatchObject({ to: null, why: "well again" });
  });

  it("is nothing once a check-in was signed, and nothing for a technician", () => {
    const seal = { seal: "x", sealedAt: "y" } as StayView["handovers"][number]["seals"][number];
    draw({ handovers: [handoverOf("check-in", { seals: [seal] })] });
    expect(screen.queryByRole("button")).toBeNull();
    cleanup();
    draw({}, ["technician"]);
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("leaves what is held to be given back by who may", async () => {
    const base = wire();
    const user = drawDesk(<GiveBack stayId={id(4)} held="€250.00" />, ["office"]);
    base.answer(200, {});
    await user.click(screen.getByRole("button", { name: "Give back €250.00" }));
    await waitFor(() => expect(base.asked[0]?.path).toBe(`/api/stays/${id(4)}/deposit/back`));
    cleanup();
    drawDesk(<GiveBack stayId={id(4)} held="€250.00" />, ["briefer"]);
    expect(screen.queryByRole("button", { name: "Give back €250.00" })).toBeNull();
  });
});

it("a change tells that a charter was called off, and that it takes place after all", () => {
  const change = { at: "x", by: "Odile Varn", why: "ill", told: "" };
  drawDesk(
    <ChangeList
      changes={[
        { ...change, number: 3, was: { calledOff: "no-show" }, became: { calledOff: null } },
        { ...change, number: 2, was: { calledOff: null }, became: { calledOff: "no-show" } },
        { ...change, number: 1, was: { calledOff: null }, became: { calledOff: "cancelled" } },
      ]}
      at={(instant) => instant}
    />,
  );
  expect(screen.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
    "x, Odile Varn: illtakes place after all",
    "x, Odile Varn: illcalled off: the crew did not come",
    "x, Odile Varn: illcalled off: cancelled",
  ]);
});

describe("usual terms", () => {
  const drawTab = (charters: UsualCharters = usualCharters, roles: Parameters<typeof drawDesk>[1] = ["manager"]) =>
    drawDesk(
      <UsualChartersTab charters={charters} number={4} last={null} currency="EUR" timeZone="Atlantic/Azores" />,
      roles,
    );

  it("are typed in sums of the base, and keep what the form does not show", async () => {
    const base = wire();
    const user = drawTab();
    await user.click(screen.getByRole("button", { name: "Change Usual" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.queryByLabelText("Deposit (EUR)")).toBeNull();
    await user.selectOptions(dialog.getByLabelText("Deposit"), "card-hold");
    await user.clear(dialog.getByLabelText("Deposit (EUR)"));
    await user.type(dialog.getByLabelText("Deposit (EUR)"), "25 hundred");
    await user.click(dialog.getByRole("button", { name: "Save" }));
    expect((await dialog.findAllByText(/Write a sum, like 250 or 12\.50\./)).length).toBeGreaterThan(0);
    await user.clear(dialog.getByLabelText("Deposit (EUR)"));
    await user.type(dialog.getByLabelText("Deposit (EUR)"), "2500");
    await user.clear(dialog.getByLabelText("Price of a litre (EUR)"));
    await user.type(dialog.getByLabelText("Price of a litre (EUR)"), "1.89");
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "Save" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    const { usual } = usualCharters.templates;
    expect(base.asked[0]?.body).toEqual({
      onNumber: 4,
      charters: {
        ...usualCharters,
        templates: {
          usual: {
            name: "Usual",
            terms: {
              ...usual?.terms,
              deposit: { how: "card-hold", amountMinor: 250_000 },
              settlement: {
                ...usual?.terms.settlement,
                fuel: { ...usual?.terms.settlement.fuel, pricePerLitreMinor: 189 },
              },
            },
          },
        },
      },
    });
    // the last set of terms cannot be taken off
    expect(screen.queryByRole("button", { name: "Take off the list" })).toBeNull();
  });

  it("are the manager's; others read them", () => {
    drawTab(usualCharters, ["office"]);
    expect(screen.getByRole("row", { name: /Usual none none by the level at the end/ })).toBeInTheDocument();
    expect(screen.getByText("The base manager settles this.")).toBeInTheDocument();
    expect(screen.getByLabelText("Hours between two charters at least")).toBeDisabled();
  });
});
