/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { PersonView } from "@/api/schemas/people";
import { id } from "@/testing/records";
import { permissions } from "@/api/permissions";
import { drawDesk, wire } from "@/testing/screen";
import { NewYacht } from "../desk/NewYacht";
import { GettingStarted } from "../desk/GettingStarted";
import { InvitationPage } from "./InvitationPage";
import { PeoplePage } from "./PeoplePage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
afterEach(cleanup);

const person = (change: Partial<PersonView> = {}): PersonView => ({
  id: id(1),
  name: "Maro Tessen",
  email: "maro@brinecove.example",
  roles: ["briefer"],
  active: true,
  seenAt: "2027-06-12T08:05:00.000Z",
  sessions: 1,
  hasFactor: false,
  ...change,
});
const people = [
  person(),
  person({ id: id(2), name: "Ilko Brand", roles: ["technician", "briefer"], seenAt: null }),
  person({ id: id(3), name: "Old Hand", active: false }),
];
const show = (roles: Parameters<typeof drawDesk>[1] = ["manager"]) =>
  drawDesk(
    <PeoplePage
      people={people}
      invitations={[
        {
          id: id(9),
          name: "Nell Faro",
          email: "nell@brinecove.example",
          roles: ["briefer"],
          until: "2027-06-14T10:00:00.000Z",
          isReset: false,
        },
      ]}
      factor={{ since: null, codesLeft: 0 }}
      timeZone="Atlantic/Azores"
    />,
    roles,
  );

describe("the people of a base", () => {
  it("are listed with what they are and when they were seen; others than a manager change nothing", () => {
    show(["briefer"]);
    // five past eight at UTC is the same on the isles in summer
    expect(screen.getByRole("row", { name: /^Maro Tessen .* briefer 12 Jun 2027, 08:05$/ })).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /^Ilko Brand .* technician, briefer never$/ })).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /^Old Hand .* no account any more/ })).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /^Change (Maro|Ilko)/ })).toBeNull();
    expect(screen.getByText("The base manager invites people and says what they are.")).toBeInTheDocument();
  });

  it("read what each role may do, as the app asks it", () => {
    show(["briefer"]);
    const table = screen.getByRole("table", { name: "Who may what" });
    // decision 0032: a briefer hands over and takes no money, the office takes money, the manager both
    const may = (what: string) =>
      within(within(table).getByRole("row", { name: new RegExp(`^${what}`) }))
        .getAllByRole("cell")
        .map((cell) => within(cell).queryByLabelText("yes") !== null);
    expect(may("Prep, briefing, check-in")).toEqual([true, true, false, true]);
    expect(may("Hold or receive a deposit")).toEqual([false, false, true, true]);
    expect(may("Invite people")).toEqual([false, false, false, true]);
    expect(within(table).getAllByRole("row")).toHaveLength(1 + Object.keys(permissions).length);
  });

  it("are invited by a link that is shown once, with one role at least", async () => {
    const base = wire();
    base.answer(201, { path: "/invitation#abc", until: "2027-06-14T10:12:00.000Z" });
    const user = show();
    await user.type(screen.getByLabelText("Name"), "Ida Fell");
    await user.type(screen.getByLabelText("E-mail"), "ida at work");
    await user.click(screen.getByRole("button", { name: "Make the link" }));
    expect(await screen.findByText("Write an e-mail address.")).toBeInTheDocument();
    await user.clear(screen.getByLabelText("E-mail"));
    await user.type(screen.getByLabelText("E-mail"), "ida@brinecove.example");
    await user.click(screen.getByLabelText("briefer"));
    await user.click(screen.getByRole("button", { name: "Make the link" }));
    expect(await screen.findByText("Choose one role or more.")).toBeInTheDocument();
    expect(base.asked).toHaveLength(0);
    await user.click(screen.getByLabelText("base manager"));
    await user.click(screen.getByLabelText("office"));
    await user.click(screen.getByRole("button", { name: "Make the link" }));
    expect(await screen.findByRole("link", { name: /\/invitation#abc$/ })).toBeInTheDocument();
    expect(screen.getByText(/It opens until 14 Jun 2027, 10:12/)).toBeInTheDocument();
    expect(base.asked[0]?.body).toEqual({
      name: "Ida Fell",
      email: "ida@brinecove.example",
      roles: ["office", "manager"],
    });
  });

  it("get other roles, or lose the account and get it back", async () => {
    const base = wire();
    base.answer(200, { devices: [] });
    const sent = () => base.asked.filter(({ method }) => method === "POST");
    const user = show();
    await user.click(screen.getByRole("button", { name: "Change Ilko Brand" }));
    const dialog = within(await screen.findByRole("dialog"));
    await user.click(dialog.getByLabelText("briefer"));
    await user.click(dialog.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(sent()[0]?.body).toEqual({ roles: ["technician"], active: true }));
    await user.click(screen.getByRole("button", { name: "Change Old Hand" }));
    await user.click(await screen.findByRole("button", { name: "Give the account back" }));
    await waitFor(() => expect(sent()[1]?.body).toEqual({ roles: ["briefer"], active: true }));
    await user.click(screen.getByRole("button", { name: "End the invitation of Nell Faro" }));
    await waitFor(() => expect(sent()[2]?.path).toBe(`/api/invitations/${id(9)}/end`));
  });

  it("stay as they are where the base refuses, and it is said", async () => {
    const base = wire();
    base.answer(409, { error: { code: "last-manager", message: "The base would have no manager left.", where: null } });
    const user = show();
    await user.click(screen.getByRole("button", { name: "Change Maro Tessen" }));
    await user.click(await screen.findByRole("button", { name: "Take the account away" }));
    expect(await screen.findByText("The base would have no manager left.")).toBeInTheDocument();
  });

  it("change their own password with the old one", async () => {
    const base = wire();
    base.answer(200, {});
    const user = show(["briefer"]);
    await user.type(screen.getByLabelText("New password"), "brief");
    await user.click(screen.getByRole("button", { name: "Change the password" }));
    expect(await screen.findByText("Write it down here.")).toBeInTheDocument();
    await user.type(screen.getByLabelText("Password now"), "sallow-tide-7");
    await user.clear(screen.getByLabelText("New password"));
    await user.type(screen.getByLabelText("New password"), "ladder copper mist");
    await user.click(screen.getByRole("button", { name: "Change the password" }));
    await waitFor(() => expect(base.asked[0]?.body).toEqual({ old: "sallow-tide-7", fresh: "ladder copper mist" }));
    await waitFor(() => expect(screen.getByLabelText("Password now")).toHaveValue(""));
  });
});

describe("an invitation", () => {
  it("says whom it is for and refuses a short password before it is sent", async () => {
    location.hash = "#secret-secret-secret";
    const base = wire();
    base.answer(200, {
      base: "Tarn Quay",
      name: "Nell Faro",
      email: "nell@tarn.example",
      roles: ["briefer"],
      isReset: false,
    });
    const user = drawDesk(<InvitationPage />);
    expect(await screen.findByRole("heading", { name: "Welcome, Nell Faro" })).toBeInTheDocument();
    expect(base.asked[0]).toMatchObject({ path: "/api/invitation", body: { secret: "secret-secret-secret" } });
    await user.type(screen.getByLabelText(/^Password/), "brief");
    await user.click(screen.getByRole("button", { name: "Keep it and sign in" }));
    expect(await screen.findByText("Twelve characters or more, please.")).toBeInTheDocument();
    expect(base.asked).toHaveLength(1);
  });

  it("that was used says so", async () => {
    const base = wire();
    base.answer(410, { error: { code: "invitation-closed", message: "This link has been used.", where: null } });
    drawDesk(<InvitationPage />);
    expect(await screen.findByRole("heading", { name: "This link does not open any more" })).toBeInTheDocument();
    expect(screen.getByText("This link has been used.")).toBeInTheDocument();
  });
});

describe("getting started", () => {
  it("ticks what is done, and leads to what is not", () => {
    drawDesk(<GettingStarted lacks={{ yacht: true, terms: false, colleague: false, charter: false, backup: false }} />);
    expect(screen.getAllByLabelText("done")).toHaveLength(1);
    expect(screen.queryByRole("link", { name: "Make a yacht" })).toBeNull();
    expect(screen.getByRole("link", { name: "Invite somebody" })).toHaveAttribute("href", "/people");
  });
});

describe("a base without a class", () => {
  const file = (size = 10) => Object.defineProperty(new File(["{}"], "sloop.json"), "size", { value: size });

  it("says so, and takes one in from a file; what the base says against it stands there", async () => {
    const base = wire();
    base.answer(422, { error: { code: "wrong-file", message: "This is no yacht file.", where: null } });
    const user = drawDesk(<NewYacht classes={[]} />, ["technician"]);
    expect(screen.getByText(/^The base has no class yet/)).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: "Make her file" })).toBeNull();
    await user.upload(screen.getByLabelText(/^A class from a file/), file(3_000_000));
    expect(await screen.findByText("This file is larger than 2 MB.")).toBeInTheDocument();
    await user.upload(screen.getByLabelText(/^A class from a file/), file());
    expect(await screen.findByText("This is no yacht file.")).toBeInTheDocument();
    expect(base.asked).toMatchObject([{ method: "POST", path: "/api/classes" }]);
  });

  it("asks for a yacht once it has one", () => {
    drawDesk(<NewYacht classes={[{ slug: "sloop-38", name: "Sloop 38" }]} />, ["briefer"]);
    expect(screen.getByRole("button", { name: "Make her file" })).toBeInTheDocument();
    expect(screen.queryByLabelText(/^A class from a file/)).toBeNull();
  });
});
