/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import { demoYacht } from "@/testing/demo-yacht";
import { drawDesk, wire } from "@/testing/screen";
import { changeStop, editsOf, moveStop, placesOnWalk, waitsByRule } from "./draft";
import { WalkTuning } from "./WalkTuning";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

const file = demoYacht("pale-heron");
const sequence = ["raft", "platform", "mob", "panel"];

describe("a stop that is moved", () => {
  it("comes after what stands before its new place and before what stands after it", () => {
    expect(moveStop(file.stops, sequence, 3, 1).panel?.between).toEqual({ after: "raft", before: "platform" });
    expect(moveStop(file.stops, sequence, 0, 2).raft?.between).toEqual({ after: "mob", before: "panel" });
  });

  it("to an end has nobody beyond it, and is pinned no more", () => {
    const pinned = changeStop(file.stops, "panel", { pin: "last" });
    expect(moveStop(pinned, sequence, 3, 0).panel).toMatchObject({ between: { before: "raft" } });
    expect(moveStop(pinned, sequence, 3, 0).panel).not.toHaveProperty("pin");
    expect(moveStop(file.stops, sequence, 0, 3).raft?.between).toEqual({ after: "panel" });
  });

  it("and its edits name the field with what it was and what it is", () => {
    const moved = moveStop(changeStop(file.stops, "raft", { minutes: 9 }), sequence, 3, 1);
    expect(editsOf(file.stops, moved).map(({ path, from, to }) => [path, from, to])).toEqual(
      expect.arrayContaining([
        ["/stops/raft/minutes", file.stops.raft?.minutes, 9],
        ["/stops/panel/between", null, { after: "raft", before: "platform" }],
      ]),
    );
    expect(editsOf(file.stops, moved)).toHaveLength(2);
    expect(editsOf(file.stops, changeStop(moved, "raft", { minutes: file.stops.raft!.minutes }))).toHaveLength(1);
  });
});

describe("a walk on the plan", () => {
  it("has the numbers of what is taken at each place in turn", () => {
    const at = (id: string) => file.stops[id]!.place;
    const stern = Object.keys(file.stops).filter((id) => at(id) === at("raft"));
    const walk = placesOnWalk(file.stops, [stern[0]!, stern[1]!, "panel", stern[2] ?? stern[0]!]);
    expect(walk).toEqual([
      { place: at("raft"), first: 1, last: 2 },
      { place: at("panel"), first: 3, last: 3 },
      { place: at("raft"), first: 4, last: 4 },
    ]);
  });

  it("waits by what must be, not by what the base pinned", () => {
    const pinned = { ...file, stops: changeStop(file.stops, "raft", { pin: "first" }) };
    expect(waitsByRule(pinned).get("panel")).toEqual(waitsByRule(file).get("panel"));
    expect(waitsByRule(file).get("panel")).not.toContain("raft");
  });
});

describe("tuning a walk", () => {
  it("draws it, takes another number of minutes, and puts it into the draft", async () => {
    const base = wire();
    const person = drawDesk(<WalkTuning slug="pale-heron" file={file} mayEdit />);
    expect(screen.getByRole("button", { name: "Nothing changed" })).toBeDisabled();
    expect(await screen.findByText(/minutes of talk, .* seconds on foot/)).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "Life raft, more minutes" }));
    await person.selectOptions(screen.getByLabelText("Radio, pinned"), "first");
    await person.click(screen.getByRole("button", { name: "Put 2 changes into her draft" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(
      (base.asked[0]?.body as { edits: { path: string; to: unknown }[] }).edits.map(({ path, to }) => [path, to]),
    ).toEqual(
      expect.arrayContaining([
        ["/stops/raft/minutes", file.stops.raft!.minutes + 0.5],
        ["/stops/radio/pin", "first"],
      ]),
    );
    await person.click(screen.getByRole("button", { name: "As it was" }));
    expect(screen.getByRole("button", { name: "Nothing changed" })).toBeDisabled();
  });

  it("is read and not changed by who may not", () => {
    drawDesk(<WalkTuning slug="pale-heron" file={file} mayEdit={false} />, ["office"]);
    expect(screen.queryByRole("button", { name: /draft|Nothing changed/ })).not.toBeInTheDocument();
    expect(screen.getByLabelText("Radio, pinned")).toBeDisabled();
    expect(screen.getByRole("spinbutton", { name: "Minutes of Radio" })).toBeDisabled();
  });
});
