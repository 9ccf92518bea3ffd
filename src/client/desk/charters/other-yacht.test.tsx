/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { CharterPart } from "@/api/schemas/charters";
import { handoverOf, rowOf, stayOf } from "@/testing/desk";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { CharterHead } from "../CharterHead";
import { CallOff } from "./CallOff";
import { ChangeList } from "./ChangeList";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));
afterEach(cleanup);

const at = (instant: string) => `at ${new Date(instant).toISOString().slice(5, 16)}`;
const out = stayOf({ handovers: [handoverOf("check-in", { sealedAt: "2027-06-12T15:00:00.000Z" })] });
const change = {
  yachts: [
    { slug: "pale-heron", name: "Pale Heron", berth: "A4", maximumAboard: 10 },
    { slug: "little-auk", name: "Little Auk", berth: "C1", maximumAboard: 3 },
    { slug: "two-lanterns", name: "Two Lanterns", berth: "B2", maximumAboard: 10 },
    { slug: "gannet-rock", name: "Gannet Rock", berth: "B1", maximumAboard: 10 },
    { slug: "quillback", name: "Quillback", berth: "A5", maximumAboard: 8 },
  ],
  charterer: null,
  skipper: null,
  language: "en" as const,
  days: { fromDay: "2027-06-12", outAt: "15:00", toDay: "2027-06-19", backAt: "09:00" },
  onNumber: 3,
  goesOn: { fromDay: "2027-06-14", outAt: "10:12", taken: { "two-lanterns": "BR-7", "gannet-rock": null } },
};
const first: CharterPart = {
  part: 1,
  reference: "BR-1",
  yacht: "Pale Heron",
  startsAt: "2027-06-12T15:00:00.000Z",
  endsAt: "2027-06-14T12:00:00.000Z",
  isCalledOff: false,
};
const second: CharterPart = { ...first, part: 2, reference: "BR-1~2", yacht: "Quillback", startsAt: first.endsAt };
const draw = (stay = out, parts = [first], roles: ("office" | "technician")[] = ["office"]) =>
  drawDesk(<CharterHead row={rowOf(stay)} at={at} change={change} parts={parts} currency="EUR" />, roles);

describe("another yacht for a charter under way", () => {
  it("offers the yachts that take the crew, free ones first, tells what moves over, and goes to the page of the new stay", async () => {
    const base = wire();
    base.answer(200, {
      effects: [
        { code: "over-crew", count: 4 },
        { code: "over-belongings", was: "Pale Heron" },
        { code: "over-check-in", yacht: "Quillback", reference: "BR-1~2" },
        { code: "over-deposit", was: "Pale Heron", yacht: "Quillback", heldMinor: 0 },
        { code: "over-free", was: "Pale Heron", startsAt: "2027-06-14T10:12:00.000Z", endsAt: out.endsAt },
      ],
    });
    const user = draw();
    await user.click(screen.getByRole("button", { name: "Another yacht" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getAllByRole("option").map(({ textContent }) => textContent)).toEqual([
      "Quillback, takes 8, free",
      "Two Lanterns, takes 10, not free: BR-7",
      "Gannet Rock, takes 10, closed",
    ]);
    expect(dialog.getByLabelText("Yacht")).toHaveValue("quillback");
    expect(dialog.getByLabelText("From")).toHaveValue("2027-06-14");
    const effects = within(await dialog.findByRole("region", { name: "What it does" }));
    expect(effects.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
      "The crew list with 4 names, who commands, who signs and the terms go along.",
      "Carry over by hand: food, drinks, clothes, medicine, passports, chargers. Keys, papers, bedding and lines of Pale Heron stay with her.",
      "Quillback has her own prep, briefing and check-in, under BR-1~2.",
      "For Quillback a deposit is secured anew.",
      "Pale Heron is free for others from at 06-14T10:12 until at 06-19T09:00. Close these days if she cannot go out.",
    ]);
    expect(dialog.getByRole("button", { name: "Go on with her" })).toBeDisabled();
    await user.type(dialog.getByLabelText("Why"), "rudder bearing");
    base.answer(201, { id: id(77), reference: "BR-1~2" });
    await user.click(dialog.getByRole("button", { name: "Go on with her" }));
    await waitFor(() => expect(router.push).toHaveBeenCalledWith("/charters/BR-1~2"));
    expect(base.asked.at(-1)).toMatchObject({
      path: `/api/stays/${out.stayId}/other-yacht`,
      body: { yacht: "quillback", fromDay: "2027-06-14", outAt: "10:12", onNumber: 3, why: "rudder bearing", told: "" },
    });
  });

  it.each([
    ["before she is handed over", stayOf(), [first], ["office"]],
    ["where another follows", out, [first, second], ["office"]],
    ["to a technician", out, [first], ["technician"]],
  ] as const)("is not offered %s", (_words, stay, parts, roles) => {
    draw(stay, [...parts], [...roles]);
    expect(screen.queryByRole("button", { name: "Another yacht" })).toBeNull();
  });

  it("is offered again once the one that followed was called off", () => {
    draw(out, [first, { ...second, isCalledOff: true }]);
    expect(screen.getByRole("button", { name: "Another yacht" })).toBeInTheDocument();
  });

  it("shows the yachts of the charter side by side, and which one this page is about", () => {
    draw(out, [first, second]);
    const links = within(screen.getByRole("navigation", { name: "Yachts of this charter" })).getAllByRole("link");
    expect(
      links.map((link) => [link.textContent, link.getAttribute("href"), link.getAttribute("aria-current")]),
    ).toEqual([
      ["Pale Heron, at 06-12T15:00 – at 06-14T12:00", "/charters/BR-1", "page"],
      ["Quillback, at 06-14T12:00 – at 06-14T12:00", "/charters/BR-1~2", null],
    ]);
    cleanup();
    draw(out, [first]);
    expect(screen.queryByRole("navigation")).toBeNull();
  });

  it("once called off, does not take place after all from here", () => {
    drawDesk(<CallOff stay={stayOf({ part: 2, calledOff: "cancelled" })} onNumber={4} currency="EUR" at={at} />, [
      "office",
    ]);
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("stands among the changes with the hour it goes on from", () => {
    const line = { number: 4, at: "2027-06-14T10:00:00.000Z", by: "Odile Varn", why: "rudder", told: "" };
    const [was, became] = [{ yacht: "Pale Heron" }, { yacht: "Quillback", goesOnAt: "2027-06-14T12:00:00.000Z" }];
    drawDesk(<ChangeList changes={[{ ...line, was, became }]} at={at} />, ["office"]);
    expect(screen.getByText("yacht Pale Heron → Quillback")).toBeInTheDocument();
    expect(screen.getByText("goes on with the other yacht from at 06-14T12:00")).toBeInTheDocument();
  });
});
