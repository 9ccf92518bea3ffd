/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import { drawDesk, wire } from "@/testing/screen";
import { Devices } from "./Devices";
import { SecondFactor } from "./SecondFactor";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));

const codes = Array.from({ length: 10 }, (_, i) => `aaaa${i}-ccccc`);
const off = { since: null, codesLeft: 0 };
const on = { since: "2027-06-12T08:05:00.000Z", codesLeft: 1 };
const show = (state: Parameters<typeof SecondFactor>[0]["state"], onSet = jest.fn()) =>
  drawDesk(<SecondFactor state={state} timeZone="Atlantic/Azores" onSet={onSet} />);
const tap = (name: string) => screen.getByRole("button", { name });

describe("one's own second factor", () => {
  it("is set up with a picture or letters and a first code; the recovery codes are shown until they were kept", async () => {
    const base = wire();
    base.answer(201, { secret: "GEZDGNBVGY3TQOJQ", picture: "<svg/>" });
    const onSet = jest.fn();
    const user = show(off, onSet);
    await user.click(tap("Set it up"));
    expect(await screen.findByRole("img", { name: "Code to scan with the app on your phone" })).toBeInTheDocument();
    expect(screen.getByText("GEZD GNBV GY3T QOJQ")).toBeInTheDocument();
    await user.click(tap("Put it in force"));
    expect(await screen.findByText("The six digits that the app shows, or a recovery code.")).toBeInTheDocument();
    expect(base.asked).toHaveLength(1);
    base.answer(200, { codes });
    await user.type(screen.getByLabelText("Code"), "005 924");
    await user.click(tap("Put it in force"));
    const list = within(await screen.findByRole("list", { name: "Recovery codes" }));
    expect(list.getAllByRole("listitem").map((item) => item.textContent)).toEqual(codes);
    expect(base.asked[1]).toMatchObject({ path: "/api/second-factor/confirm", body: { code: "005 924" } });
    expect(onSet).not.toHaveBeenCalled();
    await user.click(tap("I have kept them"));
    expect(onSet).toHaveBeenCalledTimes(1);
  });

  it("says where a code does not fit", async () => {
    const base = wire();
    base.answer(422, { error: { code: "wrong-code", message: "This code does not fit.", where: "code" } });
    const user = show(on);
    expect(screen.getByText(/In force since 12 Jun 2027, 08:05\. One recovery code is left\./)).toBeInTheDocument();
    await user.click(tap("Take it away"));
    await user.type(screen.getByLabelText("Code"), "111111");
    await user.click(tap("Take it away now"));
    expect((await screen.findAllByText(/This code does not fit\./)).length).toBeGreaterThan(0);
    expect(base.asked[0]).toMatchObject({ path: "/api/second-factor/end" });
  });

  it("goes on from its own page once it is in force, and not while the codes are shown", async () => {
    const base = wire();
    base.answer(200, { codes });
    const onSet = jest.fn();
    const user = show(on, onSet);
    await user.click(tap("Go on"));
    expect(onSet).toHaveBeenCalledTimes(1);
    await user.click(tap("New recovery codes"));
    await user.type(screen.getByLabelText("Code"), "005924");
    await user.click(tap("Make new codes"));
    await screen.findByRole("list", { name: "Recovery codes" });
    expect(screen.queryByRole("button", { name: "Go on" })).not.toBeInTheDocument();
  });

  it("asks for new codes where none is left", async () => {
    const base = wire();
    base.answer(200, { codes });
    const user = show({ ...on, codesLeft: 0 });
    expect(screen.getByText(/No recovery code is left: make new ones\./)).toBeInTheDocument();
    await user.click(tap("New recovery codes"));
    await user.type(screen.getByLabelText("Code"), "005924");
    await user.click(tap("Make new codes"));
    expect(await screen.findByRole("list", { name: "Recovery codes" })).toBeInTheDocument();
  });
});

describe("the browsers somebody is signed in on", () => {
  const device = (id: string, name: string | null) => ({
    id,
    device: name,
    since: "2027-06-12T08:05:00.000Z",
    until: "2027-06-12T22:05:00.000Z",
  });
  it("are said by what they are, and ended one by one", async () => {
    const base = wire();
    base.answer(200, {
      devices: [
        device(
          "s1",
          "Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/143.0.0.0 Safari/537.36",
        ),
        device("s2", null),
      ],
    });
    const user = drawDesk(<Devices person="p1" timeZone="Atlantic/Azores" />);
    const items = await screen.findAllByRole("listitem");
    expect(items[0]).toHaveTextContent("Chrome, Android, since 12 Jun 2027, 08:05");
    expect(items[1]).toHaveTextContent("A browser, since");
    await user.click(screen.getByRole("button", { name: "Sign out there: A browser" }));
    await waitFor(() =>
      expect(base.asked.find(({ method }) => method === "POST")?.path).toBe("/api/people/p1/sessions/s2/end"),
    );
  });
});
