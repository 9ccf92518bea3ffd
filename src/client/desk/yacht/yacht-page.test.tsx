/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor } from "@testing-library/react";
import { demoYacht } from "@/testing/demo-yacht";
import { drawDesk } from "@/testing/screen";
import { YachtPage } from "./YachtPage";

let asked = new URLSearchParams();
jest.mock("next/navigation", () => ({
  useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }),
  useSearchParams: () => asked,
}));
// the drawing is a canvas, which this environment has not
jest.mock("next/dynamic", () => () => () => null);

const file = demoYacht("pale-heron");
type Props = Parameters<typeof YachtPage>[0];
const draw = (change: Partial<Props> = {}) =>
  drawDesk(
    <YachtPage
      slug="pale-heron"
      name="Pale Heron"
      berth="A4"
      code="HERON-7K2"
      revision={3}
      file={file}
      sisters={[{ slug: "quillback", name: "Quillback" }]}
      revisions={[]}
      timeZone="Atlantic/Azores"
      defects={[]}
      charters={[
        {
          reference: "BR-1058",
          skipper: "Jory Fenn",
          startsAt: "2027-06-12T15:00:00.000Z",
          endsAt: "2027-06-19T09:00:00.000Z",
          aboard: 4,
        },
      ]}
      dates={[
        {
          reading: "raft",
          name: { en: "Life raft, next service" },
          date: "2027-06",
          goodUntil: "2027-06-30",
          verdict: "watch",
        },
      ]}
      series={[
        {
          reading: "hours",
          name: { en: "Engine hours" },
          field: "hours",
          points: [
            { at: "2027-06-05T08:00:00.000Z", value: 1440.5 },
            { at: "2027-06-12T08:00:00.000Z", value: 1452 },
          ],
        },
      ]}
      fileWork={null}
      mayEdit
      mayWork
      yachtClass={{ slug: "ondavar-38", revision: 2 }}
      draft={null}
      {...change}
    />,
  );

beforeEach(() => {
  asked = new URLSearchParams();
  window.history.replaceState(null, "", "/fleet/pale-heron");
});

describe("a yacht's page", () => {
  it("opens with what is next: her charters, the dates that run out and what is odd about her", () => {
    draw();
    expect(screen.getByRole("tab", { name: "What is next (nothing to repair)" })).toHaveAttribute(
      "aria-selected",
      "true",
    );
    expect(screen.getByRole("link", { name: "BR-1058" })).toHaveAttribute("href", "/charters/BR-1058");
    const raft = screen.getByText("Life raft, next service").closest("li")!;
    expect(raft).toHaveTextContent("until 30 Jun 2027, soon");
    const [odd] = Object.values(file.oddities);
    expect(screen.getByRole("heading", { name: "Odd about her" }).parentElement).toHaveTextContent(
      file.places[odd!.place]!.name.en!,
    );
  });

  it("keeps in the address which part is open", async () => {
    const person = draw();
    await person.click(screen.getByRole("tab", { name: "Figures" }));
    expect(await screen.findByText("Draught")).toBeInTheDocument();
    expect(screen.getByText(`${file.particulars.draughtM} m`)).toBeInTheDocument();
    expect(window.location.search).toBe("?part=figures");
    await person.click(screen.getByRole("tab", { name: /^What is next/ }));
    expect(window.location.search).toBe("");
  });

  it("opens with the part that the address names, and with the first where it names none that is", () => {
    asked = new URLSearchParams("part=readings");
    draw();
    expect(screen.getByText("1,452 h")).toBeInTheDocument();
    asked = new URLSearchParams("part=nonsense");
    draw();
    expect(screen.getAllByRole("tab", { name: /^What is next/ }).at(-1)).toHaveAttribute("aria-selected", "true");
  });

  it("shows what is at a place that is tapped on her plan", async () => {
    const person = draw();
    const helm = Object.values(file.places).find(({ level }) => level === "deck")!;
    await person.click(screen.getByRole("button", { name: helm.name.en }));
    expect(screen.getByRole("tab", { name: "Find aboard" })).toHaveAttribute("aria-selected", "true");
    await waitFor(() => expect(screen.getByRole("heading", { name: helm.name.en })).toBeInTheDocument());
  });

  it("says above all else that her class has moved on and it does not fit her", () => {
    draw({
      draft: {
        why: "foot switches",
        findings: [{ check: "form", level: "error", path: "/fittings", message: "needs a name" } as never],
      },
    });
    expect(screen.getByText(/Her class is now at revision 2 \(foot switches\)/)).toBeInTheDocument();
    expect(screen.getByText(/needs a name/)).toBeInTheDocument();
  });

  it("says where there is nothing yet", async () => {
    const person = draw({ charters: [], dates: [], series: [] });
    expect(screen.getByText("No charter yet")).toBeInTheDocument();
    expect(screen.getByText("No date has been read aboard yet.")).toBeInTheDocument();
    await person.click(screen.getByRole("tab", { name: "Readings" }));
    expect(await screen.findByText("No readings yet")).toBeInTheDocument();
  });
});
