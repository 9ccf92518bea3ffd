/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { act, cleanup, fireEvent, screen, within } from "@testing-library/react";
import { devices } from "@/core/drills/devices";
import { drillsOf, type HerDrill } from "@/core/drills/hers";
import { deviceOf } from "@/core/drills/run";
import { drillCatalogues } from "@/messages/drills";
import { demoYacht } from "@/testing/demo-yacht";
import { actionsFrom } from "@/testing/drill";
import { madeMistakes, type MadeMistake } from "@/testing/drill-mistakes";
import { draw } from "@/testing/screen";
import { DrillPage } from "./DrillPage";

jest.mock("@/core/drills/hers", () => ({
  ...jest.requireActual<object>("@/core/drills/hers"),
  drillsOf: jest.fn(),
}));
const { drillsOf: really } = jest.requireActual<{ drillsOf: typeof drillsOf }>("@/core/drills/hers");
const words = drillCatalogues.en;

let frame: FrameRequestCallback = () => undefined;
let ms = 0;
let pageS = 0;
/** Lets the page come to that second, in frames as long as a page may take at most. */
const passTo = (at: number) =>
  act(() => {
    for (; pageS < at - 1e-6; pageS += Math.min(0.25, at - pageS)) frame((ms += Math.min(0.25, at - pageS) * 1000));
  });
beforeEach(() => {
  window.requestAnimationFrame = (next) => {
    frame = next;
    return 1;
  };
  window.cancelAnimationFrame = () => undefined;
});

/** A demo boat that has the device, with what the mistake needs besides. */
function hers(device: string, { setup, task, faults }: MadeMistake): { drill: HerDrill; boat: string } {
  for (const boat of ["pale-heron", "gannet-rock", "two-lanterns", "little-auk"]) {
    const drill = really(demoYacht(boat)).find((each) => each.device === device);
    if (!drill) continue;
    const own = drill.tasks.find((each) => each.task === task) ?? drill.tasks[0]!;
    // what stands in the table is of the usual figures: the boat's own would need other seconds
    const its = { task: task ?? own.task, setup: { ...setup }, faults: faults ?? [] };
    return { boat, drill: { ...drill, setup: {}, lacks: [], looks: {}, names: {}, tasks: [its] } };
  }
  throw new Error(`no boat has a ${device}`);
}

const labels = words["drill-control"] as Record<string, string>;
const values = words["drill-value"] as Record<string, string>;
const labelOf = (device: string, name: string) => {
  const [base = "", part = ""] = name.split(":");
  return (labels[`${device}_${base}`] ?? labels[base] ?? base).replace("{part}", part);
};

/** Works a control as a hand would. */
async function work(device: string, one: ReturnType<typeof actionsFrom>[number]): Promise<void> {
  const { do: deed, control = "", to } = one;
  const label = labelOf(device, control);
  const main = within(document.body);
  if (deed === "leave") return void fireEvent.click(main.getByRole("button", { name: "Walk away" }));
  if (deed === "press") return void fireEvent.pointerDown(main.getByRole("button", { name: label }));
  if (deed === "release") return void fireEvent.pointerUp(main.getByRole("button", { name: label }));
  if (deed !== "set") return void fireEvent.click(main.getByRole("button", { name: label }));
  if (typeof to === "number")
    return void fireEvent.change(
      main.getAllByRole("slider").find((each) => each.parentElement?.textContent?.startsWith(label))!,
      { target: { value: String(to) } },
    );
  const choice = within(main.getByRole("group", { name: label }));
  fireEvent.click(choice.getByRole("button", { name: values[String(to)] ?? String(to) }));
}

describe.each(Object.entries(madeMistakes))("every mistake of the %s", (device, made) => {
  it("is in the table, and none besides", () => {
    expect(made.map(({ code }) => code).toSorted()).toEqual([...deviceOf(device).mistakes].toSorted());
  });

  it.each(made.map((each) => [each.code, each] as const))(
    "%s is made through the panel and read",
    async (code, each) => {
      const { drill, boat } = hers(device, each);
      jest.mocked(drillsOf).mockReturnValue([drill]);
      [ms, pageS] = [0, 0];
      draw(<DrillPage file={demoYacht(boat)} drill={drill.key} onDrill={jest.fn()} />);
      await screen.findByRole("heading", { level: 1 });
      act(() => frame(0));
      for (const one of actionsFrom(each.words)) {
        passTo(one.at);
        await work(device, one);
      }
      passTo(each.until);
      const been = screen.getByRole("region", { name: "What has been" });
      const key = `${device}_${code}` as "gas_burner-left";
      expect(been).toHaveTextContent(words["drill-mistake"][key]);
      expect(been).toHaveTextContent(words["drill-cost"][key]);
      cleanup();
    },
  );
});

it("the table has every device", () => {
  expect(Object.keys(madeMistakes).toSorted()).toEqual(devices.map(({ name }) => name).toSorted());
});
