/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import type { BoatBook } from "@/api/schemas/book";
import { bookOf } from "@/testing/book";
import { draw, wire } from "@/testing/screen";
import { CrewPart } from "./CrewPart";

beforeEach(() => localStorage.clear());
afterEach(cleanup);
const book = (change: Partial<BoatBook> = {}) => {
  const usual = bookOf({ crew: [], arrives: null, ...change });
  return { ...usual, stay: { ...usual.stay, aboard: 2 } };
};
const person = (number: number) => within(screen.getByRole("group", { name: `Person ${number}` }));

describe("the crew, told in the boat book", () => {
  it("is told with what jackets and briefing need; what was left blank is not told", async () => {
    const base = wire();
    const user = draw(<CrewPart book={book()} />);
    expect(screen.getByText("0 of 2 named. When you come is not told yet.")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Name your crew" }));
    fireEvent.change(screen.getByLabelText(/^When you come/), { target: { value: "14:30" } });
    await user.type(person(1).getByLabelText("Name, as in the passport"), " Jory Fenn ");
    await user.type(person(1).getByLabelText("Weight in kg"), "82");
    await user.click(person(1).getByLabelText("Swims"));
    await user.selectOptions(person(1).getByLabelText("Has sailed"), "often");
    base.answer(201, {});
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(await screen.findByText("1 of 2 named. You come at 14:30.")).toBeInTheDocument();
    expect(base.asked).toEqual([
      {
        method: "POST",
        path: "/api/book/crew",
        body: { crew: [{ name: "Jory Fenn", weightKg: 82, swims: true, sailed: "much" }], arrives: "14:30" },
      },
    ]);
    expect(screen.getByRole("button", { name: "Change your crew" })).toBeInTheDocument();
  });

  it("keeps what was typed without signal, also when the page is left, until the base has it", async () => {
    const base = wire();
    const first = draw(<CrewPart book={book()} />);
    await first.click(screen.getByRole("button", { name: "Name your crew" }));
    await first.type(person(1).getByLabelText("Name, as in the passport"), "Jory");
    await first.type(person(1).getByLabelText("Weight in kg"), "82");
    await first.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(await screen.findByText(/What you typed stays here/)).toBeInTheDocument();
    cleanup();
    const user = draw(<CrewPart book={book()} />);
    expect(screen.getByText(/^What you typed is kept on this device/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Name your crew" }));
    expect(person(1).getByLabelText("Name, as in the passport")).toHaveValue("Jory");
    base.answer(201, {});
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(await screen.findByText(/1 of 2 named/)).toBeInTheDocument();
    expect(localStorage).toHaveLength(0);
    // of another charter on the same device nothing shows
    cleanup();
    localStorage.setItem(`brinecove-crew-other`, "{}");
    draw(<CrewPart book={book()} />);
    expect(screen.queryByText(/is kept on this device/)).not.toBeInTheDocument();
  });

  it("says at each person what is missing, and sends nothing", async () => {
    const base = wire();
    const user = draw(<CrewPart book={book()} />);
    await user.click(screen.getByRole("button", { name: "Name your crew" }));
    await user.type(person(1).getByLabelText("Name, as in the passport"), "Jory");
    await user.type(person(2).getByLabelText("Weight in kg"), "70");
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(person(1).getByRole("alert")).toHaveTextContent("Write the weight in whole kilograms, 3 to 300.");
    expect(person(2).getByRole("alert")).toHaveTextContent("Write the name.");
    expect(base.asked).toHaveLength(0);
  });

  it("leaves what was typed where there is no signal, or where the base says no", async () => {
    const base = wire();
    const user = draw(<CrewPart book={book({ crew: [{ name: "Ada", weightKg: 24, isChild: true }] })} />);
    await user.click(screen.getByRole("button", { name: "Change your crew" }));
    expect(person(1).getByLabelText("A child")).toBeChecked();
    await user.click(screen.getByRole("button", { name: "One more person" }));
    await user.type(person(3).getByLabelText("Name, as in the passport"), "Bo");
    await user.type(person(3).getByLabelText("Weight in kg"), "70");
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    expect(await screen.findByText(/What you typed stays here/)).toBeInTheDocument();
    base.answer(422, {
      error: { code: "too-many-for-her", message: "Pale Heron takes 2 people at most.", where: "/crew" },
    });
    await user.click(screen.getByRole("button", { name: "Tell the base" }));
    await waitFor(() => expect(screen.getByText("Pale Heron takes 2 people at most.")).toBeInTheDocument());
    expect(person(3).getByLabelText("Name, as in the passport")).toHaveValue("Bo");
  });
});
