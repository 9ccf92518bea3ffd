/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { Area } from "@/core/area/area";
import { parseAs } from "@/formats/validate";
import { simulatedTide, simulatedTideFrom } from "@/stand-ins/tide-feed";
import { simulatedDay, simulatedHours } from "@/stand-ins/weather-feed";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { AnchorPlanner } from "./anchor/AnchorPlanner";
import { WayBackPlanner } from "./back/WayBackPlanner";
import type { OfBoat } from "./frame/of-boat";
import { FuelPlanner } from "./fuel/FuelPlanner";
import { LeftAboard } from "./left/LeftAboard";
import { ReefPlanner } from "./reef/ReefPlanner";
import { WaterPlanner } from "./water/WaterPlanner";

const zone = "Atlantic/Azores";
const now = "2027-06-14T08:00:00.000Z";
const read = (reading: string, values: Record<string, number>) => ({
  ...{ reading, values, told: "round" as const },
  at: "2027-06-14T07:00:00.000Z",
});
const of = (change: Partial<OfBoat> = {}): OfBoat => ({
  stay: "stay-1",
  file: demoYacht("pale-heron"),
  persons: 4,
  backAt: "2027-06-19T09:00:00.000Z",
  timeZone: zone,
  readings: [
    read("fuel", { litres: 100 }),
    read("water-fore", { litres: 120 }),
    read("water-aft", { litres: 80 }),
    read("battery-service", { volts: 12.65, restHours: 5 }),
  ],
  outlook: {
    at: "2027-06-14T07:30:00.000Z",
    wind: {
      from: "simulated forecast",
      hours: ["2027-06-14", "2027-06-15"].flatMap((day) => simulatedHours(simulatedDay(day), zone)),
    },
    tide: { from: simulatedTideFrom, turns: simulatedTide(Date.parse(now), Date.parse("2027-06-16T08:00:00Z")) },
  },
  berth: null,
  windLimitKn: null,
  area: parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8"))),
  now,
  ...change,
});
const back = () => undefined;
beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe("how much chain", () => {
  const drawn = (change: Partial<OfBoat> = {}) => draw(<AnchorPlanner of={of(change)} onBack={back} onWatch={back} />);
  const setDepth = (text: string) => {
    fireEvent.click(screen.getByRole("button", { name: /^Depth on her instrument/ }));
    fireEvent.change(screen.getByLabelText("Depth on her instrument now: type it"), { target: { value: text } });
  };

  it("asks for the depth before it gives any number, and says where all else comes from", () => {
    drawn();
    expect(screen.getByText("No figure yet. Tell first: Depth of the water now.")).toBeInTheDocument();
    expect(screen.queryByText("Let out")).toBeNull();
    expect(screen.getByRole("button", { name: /^Wind to come.*simulated forecast/ })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: /^Area the wind pulls on 10\.0 m² rule of thumb/ })).toBeInTheDocument();
  });

  it("answers in metres and in her marks, draws it, and says what takes the load", () => {
    drawn();
    setDepth("3");
    expect(screen.getByText("Let out")).toBeInTheDocument();
    expect(screen.getByRole("img", { name: /^From the side, to scale/ })).toBeInTheDocument();
    expect(screen.getByText(/the windlass holds no load/)).toBeInTheDocument();
    expect(screen.getByText(/(after|at|half-way).*mark/)).toBeInTheDocument();
    // typed is told as typed, and taken back
    expect(screen.getByRole("button", { name: /^Depth on her instrument.*told here/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole("button", { name: "As it was" }));
    expect(screen.queryByText("Let out")).toBeNull();
  });

  it("keeps what was typed on this device, and forgets none of it when it is opened anew", () => {
    drawn();
    setDepth("3");
    cleanup();
    drawn();
    expect(screen.getByText("Let out")).toBeInTheDocument();
  });

  it("shows what another length would do, and goes back to the reckoning", () => {
    drawn();
    setDepth("3");
    fireEvent.change(screen.getByLabelText("What if you let out"), { target: { value: "12" } });
    expect(screen.getByText("If you let out")).toBeInTheDocument();
    expect(screen.getByText(/lifts off the ground in the steady wind/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole("button", { name: "As reckoned" }));
    expect(screen.getByText("Let out")).toBeInTheDocument();
  });

  it("says that she will sit on the ground, and that there is no room", () => {
    drawn();
    setDepth("0.2");
    fireEvent.click(screen.getByRole("button", { name: /^Room to swing/ }));
    fireEvent.change(screen.getByLabelText(/^Room to swing.*: type it$/), { target: { value: "20" } });
    expect(screen.getByText(/At low water she sits on the ground|under her keel/)).toBeInTheDocument();
    expect(screen.getByText(/and there is room for 20 m/)).toBeInTheDocument();
  });

  it("asks for wind and tide where no feed reaches, and for the depth from the surface where her file is silent", () => {
    const file = demoYacht("pale-heron");
    const { depth: _depth, ...particulars } = file.particulars;
    drawn({ outlook: null, file: { ...file, particulars } });
    expect(
      screen.getByText(/Tell first: Depth of the water now, Tide still to rise, Tide still to fall, Wind to come/),
    ).toBeInTheDocument();
    fireEvent.click(screen.getByRole("button", { name: /^Depth of the water now/ }));
    expect(screen.getByText(/a lead line shows it/)).toBeInTheDocument();
  });

  it("takes nothing out of its bounds", () => {
    drawn();
    setDepth("900");
    expect(screen.queryByText("Let out")).toBeNull();
  });

  it("speaks feet where somebody chose them, and reckons the same", () => {
    drawn();
    setDepth("3");
    fireEvent.click(screen.getByRole("button", { name: "feet" }));
    // 3 m are 9.8 ft
    expect(screen.getByRole("button", { name: /^Depth on her instrument now 10 ft/ })).toBeInTheDocument();
  });
});

describe("when to reef", () => {
  it("shows her own rows with their lines, and lights the one that is due", async () => {
    const user = draw(<ReefPlanner of={of()} onBack={back} />);
    fireEvent.click(screen.getByRole("button", { name: /^True wind/ }));
    fireEvent.change(screen.getByLabelText("True wind: type it"), { target: { value: "17" } });
    const due = screen.getByText(/^From 16 kn: first reef/).closest("li")!;
    expect(due).toHaveAttribute("data-due");
    expect(within(due).getByText(/^Pull: First reef/)).toBeInTheDocument();
    expect(screen.getByText(/goes by the true wind/)).toBeInTheDocument();
    // the second is due at 22 kn; at night two knots earlier
    expect(screen.getByText(/^The next reef is due at 22 kn: 5 kn more/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "At night" }));
    expect(screen.getByText(/^The next reef is due at 20 kn/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Before the wind" }));
    expect(screen.getByText(/it feels like less than it is/)).toBeInTheDocument();
  });

  it("asks for the wind where there is no forecast", () => {
    draw(<ReefPlanner of={of({ outlook: null })} onBack={back} />);
    expect(screen.getByText("No forecast reaches here. Tell the wind.")).toBeInTheDocument();
  });
});

describe("fuel and water", () => {
  it("tell how far at each of her revs, and whether that is as far as is wanted", () => {
    draw(<FuelPlanner of={of()} onBack={back} />);
    // 100 l less half of an 18.75 l step, less a fifth: 72.5 l, at 1.6 l/h and 4.6 kn
    expect(screen.getByText(/72\.5|73 l/)).toBeInTheDocument();
    expect(screen.getAllByRole("row")).toHaveLength(3);
    expect(screen.getAllByText("208 nm")).toHaveLength(2);
    fireEvent.click(screen.getByRole("button", { name: /^Miles that you want/ }));
    fireEvent.change(screen.getByLabelText("Miles that you want to go: type it"), { target: { value: "400" } });
    expect(screen.getByText(/^Not enough for 400 nm/)).toBeInTheDocument();
  });

  it("give no number without a reading", () => {
    draw(<FuelPlanner of={of({ readings: [] })} onBack={back} />);
    expect(screen.getByText(/Tell first what is in the tank/)).toBeInTheDocument();
    expect(screen.queryByRole("table")).toBeNull();
  });

  it("say which tank is open, and when to change over", async () => {
    const user = draw(<WaterPlanner of={of()} onBack={back} />);
    await user.click(screen.getAllByRole("button", { name: "This one is open" })[0]!);
    expect(screen.getByText(/^Open\. With much use it is empty about/)).toBeInTheDocument();
    cleanup();
    draw(<WaterPlanner of={of()} onBack={back} />);
    expect(screen.getByText(/^Open\. With much use/)).toBeInTheDocument();
  });
});

describe("the way back", () => {
  it("asks where she is, then says by when to leave at each of her speeds", async () => {
    const user = draw(<WayBackPlanner of={of()} onBack={back} />);
    expect(screen.getByText("Tell where you are, and it says by when to leave.")).toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText("From"), "Withy Hole");
    expect(await screen.findByText(/nm at 1,500 revs/)).toBeInTheDocument();
    expect(screen.getAllByRole("row")).toHaveLength(3);
    expect(screen.getByText(/^She is due/)).toBeInTheDocument();
  });

  it("says that it is too late, and to call", async () => {
    const user = draw(<WayBackPlanner of={of({ backAt: "2027-06-14T08:30:00.000Z" })} onBack={back} />);
    await user.selectOptions(screen.getByLabelText("From"), "Withy Hole");
    expect(await screen.findByText(/At none of her speeds/)).toBeInTheDocument();
  });

  it("takes this device’s position, and says where that lies on land", async () => {
    const asked = {
      getCurrentPosition: (yes: (at: object) => void) => yes({ coords: { longitude: -30.09, latitude: 42.31 } }),
    };
    Object.defineProperty(navigator, "geolocation", { value: asked, configurable: true });
    const user = draw(<WayBackPlanner of={of()} onBack={back} />);
    await user.click(screen.getByRole("button", { name: "From where I am" }));
    expect(await screen.findByText(/This lies on land/)).toBeInTheDocument();
  });

  it("says so where the base has told no waters", () => {
    draw(<WayBackPlanner of={of({ area: null })} onBack={back} />);
    expect(screen.getByText(/The base has told no waters/)).toBeInTheDocument();
  });
});

describe("what is left aboard", () => {
  it("tells each till when, with its age, and opens the planner", async () => {
    const gone: string[] = [];
    const user = draw(<LeftAboard of={of()} go={(at) => gone.push(at)} />);
    const list = within(screen.getByRole("list"));
    expect(
      list.getByRole("button", { name: /^Fuel , fine\. read on the morning round, 1 hour ago 45 h at 1,500/ }),
    ).toBeInTheDocument();
    expect(list.getByRole("button", { name: /^Service bank/ })).toBeInTheDocument();
    await user.click(list.getByRole("button", { name: /^Water/ }));
    await user.click(screen.getByRole("button", { name: "How much chain" }));
    expect(gone).toEqual(["water", "anchor"]);
  });

  it("says of an old reading that it is old, and of none that nobody knows", () => {
    const old = of().readings.map((each) => ({ ...each, at: "2027-06-10T07:00:00.000Z", told: "check-in" as const }));
    draw(<LeftAboard of={of({ readings: old })} go={back} />);
    expect(
      screen.getByRole("button", { name: /^Fuel , watch\. .*4 days ago: old, look again.*when read/ }),
    ).toBeInTheDocument();
    cleanup();
    draw(<LeftAboard of={of({ readings: [] })} go={back} />);
    expect(
      screen.getByRole("button", { name: /^Fuel , watch\. .*Tap and tell what the gauge shows\..*not known/ }),
    ).toBeInTheDocument();
  });

  it("draws on all six boats, with nothing told and with no feed", () => {
    for (const slug of ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"]) {
      draw(<LeftAboard of={of({ file: demoYacht(slug), readings: [], outlook: null, area: null })} go={back} />);
      expect(screen.getByRole("button", { name: "When to reef" })).toBeInTheDocument();
      cleanup();
    }
  });
});
