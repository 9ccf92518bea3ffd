/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { cleanup, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Area } from "@/core/area/area";
import { parseAs } from "@/formats/validate";
import { draw } from "@/testing/screen";
import { AreaPart } from "./AreaPart";

const area = parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8")));
const rows = () => screen.getAllByRole("button", { expanded: false }).map(({ textContent }) => textContent);

afterEach(cleanup);

describe("the waters of the base", () => {
  it("say before all else that they are no chart", () => {
    draw(<AreaPart area={area} />);
    expect(screen.getByText(/no chart to navigate by/)).toBeTruthy();
    expect(screen.getByRole("img", { name: /Sallow Isles, drawn/ })).toBeTruthy();
  });

  it("list what there is for the night, nearest first, with distance and true bearing", () => {
    draw(<AreaPart area={area} />);
    expect(rows()[0]).toMatch(/^Ravelin Quay0\.1 nm, 180°$/);
    expect(rows().at(-1)).toMatch(/^Gull Haven/);
    expect(rows().some((row) => row?.includes("The Harrow"))).toBe(false);
  });

  it("open one with what a crew has to know", async () => {
    draw(<AreaPart area={area} />);
    await userEvent.click(screen.getByRole("button", { name: /Sallow Pool/ }));
    expect(screen.getByText(/swell comes round the corner/)).toBeTruthy();
    expect(screen.getByText(/4\.0 m at the lowest tide · sand · sheltered from north, north-east/)).toBeTruthy();
  });

  it("turn to the dangers, zones among them", async () => {
    draw(<AreaPart area={area} />);
    await userEvent.click(screen.getByRole("button", { name: "Dangers" }));
    expect(rows().filter((row) => /The Harrow|Cable ground/.test(row ?? ""))).toHaveLength(2);
  });

  it("count from where the device is, and stay with the base where it does not say", async () => {
    const asked = { getCurrentPosition: (_: unknown, no: () => void) => no() };
    Object.defineProperty(navigator, "geolocation", { value: asked, configurable: true });
    draw(<AreaPart area={area} />);
    await userEvent.click(screen.getByRole("button", { name: "From where I am" }));
    expect(screen.getByRole("alert").textContent).toMatch(/does not say where it is/);
    // at Gull Haven itself
    const at = area.features.find(({ properties }) => properties.name === "Gull Haven")!.geometry;
    asked.getCurrentPosition = ((yes: (at: object) => void) =>
      yes({ coords: { longitude: at.coordinates[0], latitude: at.coordinates[1] } })) as never;
    await userEvent.click(screen.getByRole("button", { name: "From where I am" }));
    expect(rows()[0]).toMatch(/^Gull Haven0\.0 nm/);
  });

  it("tell the base's channel and how far off a tank may be emptied", () => {
    draw(<AreaPart area={area} />);
    const list = within(screen.getByText("Rules of these waters").closest("section")!);
    expect(list.getByText(/channel 72\. 08:00 to 19:00/)).toBeTruthy();
    expect(list.getByText(/within 3 nautical miles/)).toBeTruthy();
  });
});
