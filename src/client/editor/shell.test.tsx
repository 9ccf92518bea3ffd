/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import type { DraftReview, DraftScreen } from "@/api/schemas/draft";
import { collectionFields } from "@/core/yacht/draft/fields";
import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { FileEditor } from "./FileEditor";
import { FileTree } from "./FileTree";
import { withNews } from "./inputs/useDraft";
import { PublishPart } from "./PublishPart";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

const whole = demoYacht("quillback");
const some = <T,>(parts: Record<string, T>, ...keys: string[]) =>
  Object.fromEntries(Object.entries(parts).filter(([key], index) => index < 4 || keys.includes(key)));
// a small file: what is looked at here does not hang on how much is in it
const file = {
  ...whole,
  fittings: some(whole.fittings, "windlass-breaker"),
  procedures: some(whole.procedures),
  inventory: some(whole.inventory),
  tests: some(whole.tests),
  readings: some(whole.readings),
  looks: some(whole.looks),
  stops: some(whole.stops),
} as typeof whole;
const finding = (level: "error" | "warning", path: string, message: string) =>
  ({ check: "names", level, path, message }) as unknown as DraftScreen["findings"][number];
const screenOf = (change: Partial<DraftScreen> = {}): DraftScreen => ({
  file: { of: "yachts", slug: "quillback", name: "Quillback", revision: 4 },
  onRevision: 4,
  today: "2027-06-12",
  isStale: false,
  document: file,
  lately: [],
  draft: id(700),
  stamp: "s1",
  number: 3,
  undo: null,
  redo: null,
  findings: [],
  moved: [],
  absent: [],
  notes: [],
  answered: [],
  sisters: [],
  ...change,
});
const review: DraftReview = { number: 3, findings: [], changes: [], sisters: [] };
let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
  base.answer(200, review);
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });

describe("the tree of a file", () => {
  const chosen = jest.fn();
  const draw = (change: Partial<Parameters<typeof FileTree>[0]> = {}) =>
    drawDesk(
      <FileTree
        file={file}
        fields={collectionFields()}
        absent={[]}
        chosen={null}
        disabled={false}
        onChoose={chosen}
        onChange={jest.fn()}
        onMade={jest.fn()}
        {...change}
      />,
    );

  it("finds a part by its name or its key, and Enter opens the first", async () => {
    const person = draw();
    await person.type(screen.getByLabelText("Find a part"), "windlass-breaker");
    expect(tap("Windlass breaker fitting")).toBeInTheDocument();
    await person.keyboard("{Enter}");
    expect(chosen).toHaveBeenCalledWith(expect.objectContaining({ collection: "fittings", key: "windlass-breaker" }));
  });

  it("is reached by the key /, but not while something is typed", async () => {
    const person = draw();
    const field = screen.getByLabelText("Find a part");
    expect(field).not.toHaveFocus();
    await person.keyboard("/");
    expect(field).toHaveFocus();
    await person.keyboard("a/b");
    expect(field).toHaveValue("a/b");
  });

  it("lists what her class has and her file has not apart, and finds it too", async () => {
    const person = draw({
      absent: [
        { collection: "inventory", key: "brass-lamp", name: "Brass lamp", order: null },
        { collection: "inventory", key: "kettle-two", name: "Second kettle", order: null },
      ],
    });
    await person.type(screen.getByLabelText("Find a part"), "brass");
    expect(tap(/^Brass lamp/)).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /^Second kettle/ })).not.toBeInTheDocument();
  });

  it("offers nothing to make where nothing may be changed", () => {
    draw({ disabled: true });
    expect(screen.queryByRole("button", { name: /^Move: / })).not.toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /^Make|^New/ })).not.toBeInTheDocument();
  });
});

describe("publishing a draft", () => {
  const onOpen = jest.fn();
  const onRight = jest.fn().mockResolvedValue(true);
  const draw = (change: Partial<DraftScreen> = {}, may = { mayEdit: true, mayPublish: true }) =>
    drawDesk(
      <PublishPart
        screen={screenOf(change)}
        page="/fleet/quillback"
        onTell={jest.fn()}
        onOpen={onOpen}
        onRight={onRight}
        {...may}
      />,
    );

  it("is not possible while a check blocks it, and leads to where", async () => {
    const person = draw({ findings: [finding("error", "/fittings/windlass-breaker/where", "Say where it is.")] });
    expect(screen.getByRole("heading", { name: "One thing blocks publishing" })).toBeInTheDocument();
    await person.click(tap("Windlass breaker, where"));
    expect(onOpen).toHaveBeenCalledWith("/fittings/windlass-breaker/where");
    expect(screen.queryByRole("button", { name: /^Publish/ })).not.toBeInTheDocument();
  });

  it("can be gone on with where a card is missing that she does not need: by an answer for her alone", async () => {
    const missing = {
      ...finding("error", "/emergencyCards/aground-on-ice", "Missing: aground on ice."),
      question: { code: "needed-missing", fact: null, basis: "b".repeat(64) },
    };
    const person = draw({ findings: [missing] });
    // there is no part to open
    expect(screen.queryByRole("button", { name: "aground-on-ice" })).not.toBeInTheDocument();
    await person.click(tap(/^Not needed on her/));
    expect(onRight).toHaveBeenCalledWith("/emergencyCards/aground-on-ice", "b".repeat(64));
  });

  it("takes a warning with a word, and says why the file is changed", async () => {
    const person = draw({ findings: [finding("warning", "/inventory/kettle", "It has no price.")] });
    await person.type(screen.getByLabelText("It has no price."), "a gift");
    await person.type(screen.getByLabelText("Why is the file changed?"), "spring survey");
    base.answer(200, { revision: 5 });
    await person.click(tap("Publish revision 5"));
    expect(base.asked.at(-1)?.body).toEqual({ why: "spring survey", accepts: { "/inventory/kettle": "a gift" } });
    await waitFor(() => expect(router.push).toHaveBeenCalledWith("/fleet/quillback"));
  });

  it("marks the field that the base refuses", async () => {
    const person = draw();
    await screen.findByRole("heading", { name: "Nothing would change" });
    base.answer(422, { error: { code: "input", message: "Say why.", where: "/why" } });
    await person.click(tap("Publish revision 5"));
    await waitFor(() =>
      expect(screen.getByLabelText("Why is the file changed?")).toHaveAccessibleDescription("Say why."),
    );
    expect(router.push).not.toHaveBeenCalled();
  });

  it("throws a draft away only when asked twice, and never a first one", async () => {
    const person = draw();
    await person.click(tap(/^Discard/));
    expect(base.asked.filter(({ method }) => method === "DELETE")).toEqual([]);
    await person.click(tap("Not now"));
    await person.click(tap(/^Discard/));
    await person.click(tap("Discard them"));
    await waitFor(() => expect(router.push).toHaveBeenCalledTimes(1));
  });

  it("keeps the way to publish from those who may not, and says whose it is", () => {
    draw({}, { mayEdit: true, mayPublish: false });
    expect(screen.getByText("The base manager or a technician publishes it.")).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /^Publish/ })).not.toBeInTheDocument();
  });
});

describe("the editor", () => {
  const draw = (change: Partial<DraftScreen> = {}) =>
    drawDesk(
      <FileEditor first={screenOf(change)} fields={collectionFields()} mayEdit mayPublish timeZone="Atlantic/Azores" />,
    );

  it("says what was changed lately and by whom, while no part is open", () => {
    const edit = { path: "/fittings/tap/where", from: "a", to: "b", by: "Ilko Brandt", at: "2027-06-12T08:05:00.000Z" };
    draw({
      lately: [
        { ...edit, isMine: false },
        { ...edit, isMine: true },
      ],
    });
    expect(screen.getByText(/^Ilko Brandt, 08:05/)).toBeInTheDocument();
    expect(screen.getByText(/^you, 08:05/)).toBeInTheDocument();
  });

  it("counts what blocks and what warns", () => {
    draw({ findings: [finding("error", "/a", "x"), finding("warning", "/b", "y"), finding("warning", "/c", "z")] });
    expect(screen.getByText("1 thing blocks · 2 warnings")).toBeInTheDocument();
  });

  it("opens a part, names who else changed it last, and says when it was taken out", async () => {
    const other = { from: "a", to: "b", by: "Ilko Brandt", at: "2027-06-12T08:05:00.000Z", isMine: false };
    const person = draw({ lately: [{ ...other, path: "/fittings/windlass-breaker/where" }] });
    await person.type(screen.getByLabelText("Find a part"), "windlass-breaker{Enter}");
    const part = within(screen.getByRole("region", { name: /Windlass breaker/ }));
    expect(part.getByText(/Ilko Brandt/)).toHaveTextContent(/08:05/);
    expect(part.getAllByRole("button", { name: "Remove" })[0]).toBeInTheDocument();
  });

  it("offers to bring the draft onto what was published meanwhile, and names what does not fit", async () => {
    const person = draw({ isStale: true });
    expect(screen.getByText("Revision 4 was published meanwhile. Move your changes onto it.")).toBeInTheDocument();
    base.answer(200, { kept: 2, conflicts: [{ path: "/fittings/tap/where", wanted: "a", now: "b" }] });
    await person.click(tap("Move my changes onto it"));
    expect(
      await screen.findByText("2 changes were carried over. One no longer fits: /fittings/tap/where"),
    ).toBeInTheDocument();
  });

  it("takes the last change back by Ctrl Z, but not while something is typed", async () => {
    const undo = {
      id: id(1),
      path: "/fittings/windlass-breaker/where",
      from: "a",
      to: "b",
      undoes: null,
      source: null,
    };
    const person = draw({ undo: undo as never });
    await person.click(screen.getByLabelText("Find a part"));
    await person.keyboard("{Control>}z{/Control}");
    expect(base.asked.filter(({ method }) => method === "POST")).toEqual([]);
    (document.activeElement as HTMLElement).blur();
    await person.keyboard("{Control>}z{/Control}");
    await waitFor(() => expect(base.asked.some(({ method }) => method === "POST")).toBe(true));
    const sent = base.asked.find(({ method }) => method === "POST")?.body as { edits: { undoes: string }[] };
    expect(sent.edits).toEqual([expect.objectContaining({ undoes: id(1), from: "b", to: "a" })]);
  });
});

describe("news laid over a draft", () => {
  const now = screenOf({ number: 1 });
  const news = (change: object) => {
    const { draft, stamp, undo, redo, findings, moved, absent } = now;
    return { draft, stamp, undo, redo, findings, moved, absent, number: 2, edits: [], ...change };
  };
  const edit = {
    path: "/particulars/name",
    from: now.document.particulars.name,
    to: "Quillback II",
    by: "Ilko",
    at: "2027-06-12T08:05:00.000Z",
    isMine: false,
  };

  it("takes over an edit that follows what is here", () => {
    const next = withNews(now, news({ edits: [edit] }));
    expect([next?.document.particulars.name, next?.number, next?.lately[0]?.by]).toEqual(["Quillback II", 2, "Ilko"]);
  });

  it.each([
    ["another draft", { draft: id(701), edits: [edit] }],
    ["something besides the edits", { stamp: "s2", edits: [edit] }],
    ["a gap between what is here and what is new", { number: 4, edits: [edit] }],
    ["an edit of what is not there", { edits: [{ ...edit, path: "/nothing/here/at-all" }] }],
  ])("asks for the whole again on %s", (_what, change) => {
    expect(withNews(now, news(change))).toBeNull();
  });
});
