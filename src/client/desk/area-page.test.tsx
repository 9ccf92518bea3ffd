/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { cleanup, screen, waitFor } from "@testing-library/react";
import type { Area } from "@/core/area/area";
import { drawDesk, wire } from "@/testing/screen";
import { AreaPage } from "./AreaPage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const area = JSON.parse(readFileSync("demo/area.geojson", "utf8")) as Area;
const told = { number: 3, area, by: "Senna Ruhl", at: "2027-06-01T09:00:00Z" };
// the stand-in for a browser reads no files by itself
const file = (text: string) =>
  Object.assign(new File([text], "isles.geojson", { type: "application/geo+json" }), {
    text: () => Promise.resolve(text),
  });
const choose = () => screen.getByLabelText("Put in GeoJSON");

afterEach(cleanup);

describe("the page of the waters", () => {
  it("says who told them, and gives them out as GeoJSON", () => {
    drawDesk(<AreaPage told={told} timeZone="Atlantic/Azores" />);
    expect(screen.getByText(/Told by Senna Ruhl, 1 Jun 2027/)).toBeInTheDocument();
    expect(screen.getByRole("link", { name: "Save as GeoJSON" })).toHaveAttribute("href", "/api/area.geojson");
  });

  it("says what to do where nobody told any", () => {
    drawDesk(<AreaPage told={null} timeZone="Atlantic/Azores" />);
    expect(screen.getByText("Nobody has told the waters of this base")).toBeInTheDocument();
    expect(screen.queryByRole("link", { name: "Save as GeoJSON" })).toBeNull();
  });

  it("shows a file before it keeps it, on top of what was seen", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawDesk(<AreaPage told={told} timeZone="Atlantic/Azores" />);
    await user.upload(choose(), file(JSON.stringify({ ...area, name: "Outer Isles" })));
    expect(await screen.findByRole("heading", { name: "Outer Isles" })).toBeInTheDocument();
    expect(base.asked).toHaveLength(0);
    await user.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({
      path: "/api/base/area",
      body: { onNumber: 3, area: { name: "Outer Isles" } },
    });
  });

  it.each([
    ["not json at all", /This file is no JSON/],
    ['{"type":"Feature"}', /no FeatureCollection with a base/],
  ])("refuses %j with a word on it", async (text, words) => {
    const user = drawDesk(<AreaPage told={told} timeZone="Atlantic/Azores" />);
    await user.upload(choose(), file(text));
    expect(await screen.findByText(words)).toBeInTheDocument();
    expect(screen.getByRole("heading", { name: "Sallow Isles" })).toBeInTheDocument();
  });

  it.each([
    ["of a kind that there is not", (file: Area) => (file.features[0]!.properties.kind = "reef" as never)],
    ["without a shape", (file: Area) => delete (file.features[9] as { geometry?: unknown }).geometry],
    ["with a position off the earth", (file: Area) => (file.base.position = [0, 91])],
  ])("leaves it to the base to say what is wrong with a thing %s, and draws nothing of it", async (_what, change) => {
    const base = wire();
    base.answer(422, {
      error: { code: "area-wrong", message: "Somewhere: it is wrong. Nothing was changed.", where: null },
    });
    const user = drawDesk(<AreaPage told={told} timeZone="Atlantic/Azores" />);
    const wrong = structuredClone({ ...area, name: "Wrong Isles" });
    change(wrong);
    await user.upload(choose(), file(JSON.stringify(wrong)));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(screen.getByRole("heading", { name: "Sallow Isles" })).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "Keep it" })).toBeNull();
  });

  it("lets a technician look and save, and not put in", () => {
    drawDesk(<AreaPage told={told} timeZone="Atlantic/Azores" />, ["technician"]);
    expect(screen.queryByLabelText("Put in GeoJSON")).toBeNull();
    expect(screen.getByText(/briefer and the base manager keep the area/)).toBeInTheDocument();
  });
});
