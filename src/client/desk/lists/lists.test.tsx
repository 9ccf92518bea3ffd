/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { HireView } from "@/api/schemas/desk";
import { usualTasks } from "@/core/tasks/usual";
import { paddleBoard } from "@/testing/extras";
import { drawDesk, wire } from "@/testing/screen";
import { HiredExtras } from "../HiredExtras";
import { ExtrasPart } from "./ExtrasPart";
import { TurnRoundPart } from "./TurnRoundPart";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
afterEach(cleanup);

const board = paddleBoard({ brief: { say: { en: "Leash on.", de: "Leine an." }, minutes: 2 }, consumed: true });
const places = [
  { key: "bow", name: { en: "Bow" } },
  { key: "lazarette", name: { en: "Lazarette" } },
];
const zone = "Atlantic/Azores";
const drawExtras = (roles: Parameters<typeof drawDesk>[1] = ["office"]) =>
  drawDesk(
    <ExtrasPart
      extras={{ "paddle-board": board }}
      number={4}
      last={{ by: "Odile Varn", at: "2027-06-01T09:00:00Z" }}
      places={places}
      currency="EUR"
      timeZone={zone}
      today="2027-06-12"
    />,
    roles,
  );

describe("what the base lends, out of a file", () => {
  const readFile = async (text: string) => {
    const base = wire();
    const user = drawExtras();
    const file = new File([text], "spring.csv");
    Object.assign(file, { arrayBuffer: async () => new TextEncoder().encode(text).buffer });
    await user.upload(screen.getByLabelText("From a list"), file);
    return { base, user };
  };

  it("tells what each row brings, and keeps the list with it", async () => {
    const { base, user } = await readFile("extra;stock;where\nPaddle board;9;\nKayak;2;on the foredeck\nTent;;\n");
    const says = within(await screen.findByRole("status"));
    expect(says.getByText("spring.csv: 1 new, 1 changed, 0 as they stand, 1 refused.")).toBeInTheDocument();
    expect(says.getByText("Line 4, Tent: where it lies is missing")).toBeInTheDocument();
    base.answer(201, {});
    await user.click(says.getByRole("button", { name: "Put 2 rows into the list" }));
    await waitFor(() =>
      expect(base.asked.at(-1)?.body).toMatchObject({
        onNumber: 4,
        extras: { "paddle-board": { stock: 9, consumed: true }, kayak: { stock: 2, places: ["bow"] } },
      }),
    );
  });

  it("says that there is nothing to read", async () => {
    await readFile("colour\nred\n");
    expect(await screen.findByText(/^Nothing to read/)).toBeInTheDocument();
  });
});

describe("what the base lends", () => {
  it("is a list with its prices, which a briefer reads", () => {
    drawExtras(["briefer"]);
    expect(screen.getByRole("row", { name: /Paddle board 3 €90.00 for each week Lazarette/ })).toBeInTheDocument();
    expect(screen.getByText("Changed by Odile Varn, 1 Jun 2027, 09:00.")).toBeInTheDocument();
    expect(screen.queryByRole("button")).toBeNull();
    expect(screen.getByText("The office and the base manager keep this list.")).toBeInTheDocument();
  });

  it("is kept as a whole, with what a form does not show as it was", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawExtras();
    await user.click(screen.getByRole("button", { name: "Change Paddle board" }));
    const form = within(await screen.findByRole("dialog"));
    await user.clear(form.getByLabelText("Hire (EUR)"));
    await user.type(form.getByLabelText("Hire (EUR)"), "95.50");
    await user.selectOptions(form.getByLabelText("Stowed in"), "bow");
    await user.click(form.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toEqual({
      onNumber: 4,
      extras: { "paddle-board": { ...board, hireMinor: 9550, places: ["bow", "lazarette", "stern", "locker-port"] } },
    });
  });

  it("takes a new one under a key of its own, once it can be read", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawExtras();
    await user.click(screen.getByRole("button", { name: "Add an extra" }));
    const form = within(await screen.findByRole("dialog"));
    await user.clear(form.getByLabelText("How many the base has"));
    await user.click(form.getByRole("button", { name: "Keep" }));
    expect(await form.findByText("Give it a name.")).toBeInTheDocument();
    expect(form.getByText("Write a whole number from 1 on.")).toBeInTheDocument();
    expect(form.getByText("Say where it lies.")).toBeInTheDocument();
    expect(base.asked).toHaveLength(0);
    await user.type(form.getByLabelText("Name"), "Paddle board");
    await user.type(form.getByLabelText("How many the base has"), "2");
    await user.type(form.getByLabelText(/^Where there/), "rolled");
    await user.type(form.getByLabelText("A life jacket: fits from (kg)"), "40");
    await user.type(form.getByLabelText(/^to \(kg\)/), "20");
    await user.click(form.getByRole("button", { name: "Keep" }));
    expect(await form.findByText("Write kilograms, the lower first.")).toBeInTheDocument();
    await user.clear(form.getByLabelText(/^to \(kg\)/));
    await user.click(form.getByLabelText("She does not leave without it"));
    await user.click(form.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toMatchObject({
      extras: {
        "paddle-board": board,
        "paddle-board-2": { stock: 2, jacketKg: { from: 40 }, safety: true, boughtOn: "2027-06-12" },
      },
    });
  });

  it("takes one off, and keeps the rest", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawExtras();
    await user.click(screen.getByRole("button", { name: "Change Paddle board" }));
    await user.click(await screen.findByRole("button", { name: "Take off the list" }));
    await waitFor(() => expect(base.asked[0]?.body).toEqual({ onNumber: 4, extras: {} }));
  });
});

describe("what is done between two charters", () => {
  const sums = [0, 14, 60].map((idleDays) => ({ idleDays: idleDays as 0 | 14 | 60, tasks: 9, minutes: 65 + idleDays }));
  const drawTasks = () =>
    drawDesk(
      <TurnRoundPart
        tasks={usualTasks}
        number={0}
        last={null}
        yachts={[
          { slug: "pale-heron", name: "Pale Heron", sums },
          { slug: "little-auk", name: "Little Auk", sums },
        ]}
        timeZone={zone}
      />,
      ["technician"],
    );

  it("says when each is due, for which yachts, and what it comes to on each", () => {
    drawTasks();
    expect(
      screen.getByRole("row", { name: /Flush the heads .* Turn-round After 14 days or more 5–15 With a head/ }),
    ).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /Refuel Turn-round Each time 20 With a fuel tank/ })).toBeInTheDocument();
    expect(
      screen.getByRole("row", { name: "Pale Heron 9 tasks, 1:05 9 tasks, 1:19 9 tasks, 2:05" }),
    ).toBeInTheDocument();
  });

  it("takes a task for one yacht, and asks for its days where it hangs on them", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawTasks();
    await user.click(screen.getByRole("button", { name: "Add a task" }));
    const form = within(await screen.findByRole("dialog"));
    await user.type(form.getByLabelText("Name"), "Grease the windlass");
    await user.type(form.getByLabelText("What is done"), "Two strokes of the gun.");
    await user.selectOptions(form.getByLabelText("When"), "after-idle");
    await user.click(form.getByRole("button", { name: "Keep" }));
    expect(await form.findByText("Write from how many days on.")).toBeInTheDocument();
    await user.type(form.getByLabelText("Days that she lies"), "30");
    await user.click(form.getByLabelText("Little Auk"));
    await user.click(form.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({
      path: "/api/base/tasks",
      body: { onNumber: 0, tasks: { "grease-the-windlass": { when: "after-idle", days: 30, onlyOn: ["little-auk"] } } },
    });
  });

  it("shows what the base says against a list", async () => {
    const base = wire();
    base.answer(409, {
      error: { code: "list-changed", message: "Somebody else changed this list meanwhile.", where: null },
    });
    const user = drawTasks();
    await user.click(screen.getByRole("button", { name: /^Change Beds/ }));
    await user.click(await screen.findByRole("button", { name: "Take off the list" }));
    expect(await screen.findByText("Somebody else changed this list meanwhile.")).toBeInTheDocument();
  });
});

describe("the extras of a charter", () => {
  const hire = (change: Partial<HireView> = {}): HireView => ({
    number: 1,
    hired: [{ key: "paddle-board", count: 2, place: "lazarette", name: { en: "Paddle board" } }],
    sumMinor: 18000,
    lent: [
      { key: "paddle-board", name: { en: "Paddle board" }, free: 3, place: "lazarette" },
      { key: "kayak", name: { en: "Kayak" }, free: 1, place: "bow" },
      { key: "net", name: { en: "Net" }, free: 0, place: "bow" },
    ],
    places,
    isFixed: false,
    isPrepOpen: false,
    ...change,
  });
  const drawHire = (change: Partial<HireView> = {}, roles: Parameters<typeof drawDesk>[1] = ["office"]) =>
    drawDesk(<HiredExtras charterId="c" hire={hire(change)} currency="EUR" />, roles);

  it("are said with what they come to, and changed before the check-in alone", () => {
    drawHire({ isFixed: true });
    expect(screen.getByText("2 × Paddle board")).toBeInTheDocument();
    expect(screen.getByText("€180.00")).toBeInTheDocument();
    expect(screen.getByText("The check-in is open: its list is fixed.")).toBeInTheDocument();
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("are not a technician's to change", () => {
    drawHire({}, ["technician"]);
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("are added, counted and taken off in one go; what nobody has free cannot be chosen", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawHire();
    await user.click(screen.getByRole("button", { name: "Change extras" }));
    expect(screen.getByRole("option", { name: "Net (0 free)" })).toBeDisabled();
    await user.selectOptions(screen.getByLabelText("Add an extra"), "kayak");
    await user.click(screen.getByRole("button", { name: "Take off Paddle board" }));
    const kayak = within(screen.getByRole("group", { name: "Kayak" }));
    await user.clear(kayak.getByLabelText("How many"));
    await user.click(screen.getByRole("button", { name: "Keep" }));
    expect(await screen.findByText("Write how many, from 1 on.")).toBeInTheDocument();
    await user.type(kayak.getByLabelText("How many"), "1");
    await user.click(screen.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toEqual({ onNumber: 1, hired: [{ key: "kayak", count: 1, place: "bow" }] });
  });
});
