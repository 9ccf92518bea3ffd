/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, within } from "@testing-library/react";
import type { YachtFile } from "@/core/yacht/schema";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { WhoDoesWhat } from "../book/today/WhoDoesWhat";
import { LinesPart } from "../rig/LinesPart";
import { ResultDetail } from "./ResultDetail";

const show = (file: YachtFile, kind: "line" | "source" | "equipment" | "fitting", id: string) =>
  draw(<ResultDetail file={file} hit={{ kind, id }} onFitting={() => undefined} />);

afterEach(cleanup);

describe("a line", () => {
  const file = demoYacht("pale-heron");

  it("says its colours, what it does, by what it is worked, and which clutch of the row it is", () => {
    show(file, "line", "main-halyard");
    const detail = within(screen.getByRole("article", { name: "Main halyard" }));
    expect(detail.getByText("white with red fleck; hoists the mainsail; on the halyard winch")).toBeInTheDocument();
    expect(detail.getByText("Clutch 3 of 5, counted from port.")).toBeInTheDocument();
    expect(detail.getByText("Take its load on the winch before the clutch is opened.")).toBeInTheDocument();
    expect(detail.getByRole("img", { name: /5 lines, from port to starboard/ })).toBeInTheDocument();
  });

  it("that no clutch holds says where it is made fast, and shows no row", () => {
    show(file, "line", "genoa-furling");
    expect(
      screen.getByText(/green with white fleck; rolls the headsail in; its own cleat, port side/),
    ).toBeInTheDocument();
    expect(screen.queryByRole("img")).toBeNull();
  });

  it("stands among all others, each a way to its own", async () => {
    const asked = jest.fn();
    const person = draw(<LinesPart file={file} onLine={asked} />);
    const names = screen.getAllByRole("button").map(({ textContent }) => textContent);
    expect(names).toHaveLength(Object.keys(file.lines).length);
    expect(names[0]).toMatch(/^1Topping lift/);
    await person.click(screen.getByRole("button", { name: /Second reef, clew line/ }));
    expect(asked).toHaveBeenCalledWith("reef-second");
  });
});

describe("the table of sources", () => {
  it("says how the selector stands for each, marks the one asked for, and what can kill", () => {
    show(demoYacht("gannet-rock"), "source", "from-generator");
    const rows = screen.getAllByRole("row").map(({ textContent }) => textContent);
    expect(rows).toHaveLength(4);
    expect(rows[2]).toMatch(/^Generatorgenerator/);
    expect(screen.getByRole("row", { current: true }).textContent).toMatch(/^Generator/);
    expect(screen.getByText(/Alternating current can kill/)).toBeInTheDocument();
  });
});

describe("a device of the register", () => {
  it("says maker, where the manual lies, its fuse, and where its spares are", () => {
    show(demoYacht("quillback"), "equipment", "engine");
    const detail = within(screen.getByRole("article", { name: "Engine" }));
    expect(detail.getByText("Tarrow Marine")).toBeInTheDocument();
    expect(detail.getByText(/Spare impeller with gasket \(Engine space,/)).toBeInTheDocument();
    cleanup();
    show(demoYacht("quillback"), "equipment", "windlass");
    expect(screen.getByText(/^Windlass breaker, /)).toBeInTheDocument();
  });

  it("leads to its manual where one was kept", () => {
    const file = structuredClone(demoYacht("quillback"));
    show(file, "equipment", "engine");
    expect(screen.queryByRole("link", { name: /manual/ })).toBeNull();
    cleanup();
    file.equipment["engine"]!.manual = "b".repeat(64);
    show(file, "equipment", "engine");
    expect(screen.getByRole("link", { name: "Open the manual (PDF)" })).toHaveAttribute(
      "href",
      `/api/manuals/${"b".repeat(64)}`,
    );
  });

  it("says before all else that it is ashore, since when and why", () => {
    const file = structuredClone(demoYacht("quillback"));
    file.fittings["winch-electric"]!.outOfUse = {
      how: "ashore",
      since: "2027-05-01",
      why: { en: "its motor is rewound." },
    };
    show(file, "fitting", "winch-electric");
    expect(screen.getByText("Ashore since 2027-05-01: its motor is rewound.")).toBeInTheDocument();
  });

  it("says what it is to a head, a bank, the anchor and a tank", () => {
    const file = structuredClone(demoYacht("quillback"));
    const [valve = "", cleat = "", knob = ""] = Object.keys(file.fittings).filter((key) => key !== "windlass");
    Object.assign(Object.values(file.heads)[0]!, {
      name: { en: "Fore head" },
      yValve: { fitting: valve, toTank: { en: "handle up" }, toSea: { en: "handle aft" } },
    });
    Object.assign(Object.values(file.batteries)[0]!, { name: { en: "Bow bank" }, works: ["windlass"] });
    Object.assign(Object.values(file.groundTackle)[0]!, { reliefAt: cleat });
    Object.assign(Object.values(file.tanks)[0]!, {
      name: { en: "Aft tank" },
      gaugeSwitch: { fitting: knob, stands: { en: "2" } },
    });
    const says = (key: string, words: string) => {
      show(file, "fitting", key);
      expect(screen.getByText(words)).toBeInTheDocument();
      cleanup();
    };
    says(valve, "Turns what is pumped from the Fore head. To the tank: handle up. To the sea: handle aft.");
    says("windlass", "Runs on a bank of its own: Bow bank");
    says(cleat, "Carries the load of the anchor instead of the windlass");
    says(knob, "Shows the Aft tank when it stands at 2.");
  });

  it("says how long a thing may run and then rests", () => {
    const file = structuredClone(demoYacht("quillback"));
    Object.assign(file.fittings.windlass!, { runSeconds: 5, restSeconds: { from: 5, to: 10 } });
    show(file, "fitting", "windlass");
    expect(screen.getByText("runs at most 5 s in one go")).toBeInTheDocument();
    expect(screen.getByText("then rests 5–10 s")).toBeInTheDocument();
  });
});

describe("who does what", () => {
  const file = demoYacht("pale-heron");
  const crew = [
    { name: "Tove", weightKg: 68 },
    { name: "Ivo", weightKg: 74 },
    { name: "Kit", weightKg: 34 },
  ];

  it("tells each a jacket and where it lies, and a task for each case", () => {
    draw(<WhoDoesWhat stay="s1" crew={crew} file={file} />);
    const [tove, , kit] = screen.getAllByRole("listitem");
    expect(tove).toHaveTextContent(/Life jacket/);
    expect(screen.getByLabelText("Man overboard: what Tove does")).toHaveDisplayValue("stops her and steers back");
    expect(kit).toHaveTextContent(/Jacket on, within reach of Ivo\./);
    expect(kit).not.toHaveTextContent("Man overboard");
  });

  it("swaps two tasks by a tap, keeps that on this device, and goes back to the proposal", async () => {
    const user = draw(<WhoDoesWhat stay="s2" crew={crew} file={file} />);
    const does = (name: string) => screen.getByLabelText(`Man overboard: what ${name} does`);
    await user.selectOptions(does("Ivo"), "stops her and steers back");
    expect(does("Tove")).toHaveDisplayValue("points at them all the time, does nothing else");
    cleanup();
    const again = draw(<WhoDoesWhat stay="s2" crew={crew} file={file} />);
    expect(does("Ivo")).toHaveDisplayValue("stops her and steers back");
    await again.click(screen.getByRole("button", { name: "Back to the proposal" }));
    expect(does("Tove")).toHaveDisplayValue("stops her and steers back");
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("says whom no jacket fits, and nothing where nobody told a crew", () => {
    draw(<WhoDoesWhat stay="s1" crew={[{ name: "Bea", weightKg: 6 }]} file={file} />);
    expect(screen.getByText("No jacket that fits: tell the base before you leave.")).toBeInTheDocument();
    cleanup();
    draw(<WhoDoesWhat stay="s1" crew={[]} file={file} />);
    expect(screen.queryByRole("heading")).toBeNull();
  });
});
