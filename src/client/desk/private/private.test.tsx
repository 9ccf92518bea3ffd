/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import { usualKeeping } from "@/core/private/keeping";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { GuestPart } from "./GuestPart";
import { KeepingTab } from "./KeepingTab";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
afterEach(cleanup);

const drawTab = (roles: Parameters<typeof drawDesk>[1] = ["manager"]) =>
  drawDesk(
    <KeepingTab
      keeping={usualKeeping}
      number={3}
      last={null}
      erased={[
        { id: 2, at: "2027-06-12T03:00:00Z", what: "crew", pieces: 4, by: null, why: "" },
        { id: 1, at: "2027-06-11T09:00:00Z", what: "names", pieces: 1, by: "Senna Ruhl", why: "by letter" },
      ]}
      isDemo={false}
      timeZone="Atlantic/Azores"
    />,
    roles,
  );

describe("for how long what is private is kept", () => {
  it("stands with the reason of each kind, and with what was erased and why", () => {
    drawTab(["office"]);
    expect(screen.getByLabelText("Crew lists: names and weights")).toBeDisabled();
    expect(screen.getByText(/asked for on the day of a rescue.* From 1 to 400 days\./)).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /Crew lists: names and weights 4 its time was over/ })).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /1 Senna Ruhl: by letter/ })).toBeInTheDocument();
    expect(screen.getByText("The base manager settles for how long.")).toBeInTheDocument();
  });

  it("is kept as a whole; what is no number of days is said at its field", async () => {
    const base = wire();
    const user = drawTab();
    const crew = screen.getByLabelText("Crew lists: names and weights");
    await user.clear(crew);
    await user.type(crew, "ten");
    await user.click(screen.getByRole("button", { name: "Save" }));
    expect((await screen.findAllByText(/Write a whole number of days/)).length).toBeGreaterThan(0);
    expect(base.asked).toHaveLength(0);
    await user.clear(crew);
    await user.type(crew, "10");
    base.answer(201, {});
    await user.click(screen.getByRole("button", { name: "Save" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toEqual({ onNumber: 3, keeping: { ...usualKeeping, crew: 10 } });
  });
});

describe("a guest", () => {
  const guest = { id: id(7), name: "Tove Ellery" };
  it("is erased by the manager alone, with a reason, after what goes was read", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawDesk(<GuestPart guests={[guest]} />);
    await user.click(screen.getByText("Private data"));
    expect(screen.getByRole("link", { name: "Save what we hold of Tove Ellery" })).toHaveAttribute(
      "href",
      `/api/guests/${id(7)}/held.json`,
    );
    await user.click(screen.getByRole("button", { name: "Erase Tove Ellery" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(dialog.getByText(/This cannot be taken back/)).toBeInTheDocument();
    expect(dialog.getByRole("button", { name: "Erase for good" })).toBeDisabled();
    await user.type(dialog.getByLabelText("Why, and who asked for it"), "by letter of 3 June");
    await user.click(dialog.getByRole("button", { name: "Erase for good" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({
      path: `/api/guests/${id(7)}/erase`,
      body: { why: "by letter of 3 June" },
    });
  });

  it("is nobody else's to erase", () => {
    drawDesk(<GuestPart guests={[guest]} />, ["office"]);
    expect(screen.queryByText("Private data")).toBeNull();
  });
});
