/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import { demoYachtFile } from "@/demo/yacht-file";
import { drawDesk } from "@/testing/screen";
import { EmergencyCard } from "./EmergencyCard";

const file = demoYachtFile("quillback");
const draw = (card: string, of = file) => drawDesk(<EmergencyCard file={of} card={of.emergencyCards[card]!} isOpen />);
const rows = () =>
  screen
    .getAllByRole("term")
    .map((term) => [term.textContent, within(term.parentElement!).getByRole("definition").textContent]);

it("gives who calls to be read out, on the card for a distress call alone", () => {
  draw("mayday");
  expect(rows()).toEqual([
    ["Call sign", "Quillback, QB4QL"],
    ["MMSI", "199 000 102"],
    ["Distress button", "sends who and where she is"],
  ]);
});

it("says that the button sends nothing where it is not programmed", () => {
  draw("mayday", demoYachtFile("cold-harbour"));
  expect(rows()).toContainEqual(["Distress button", "not programmed: say who and where you are"]);
});

it.each(["fire-below", "aground"])("has none of it on %s", (card) => {
  draw(card);
  expect(screen.queryByRole("term")).not.toBeInTheDocument();
});

it("has none of it where her file does not say who she is", () => {
  const { radio: _radio, ...particulars } = file.particulars;
  draw("mayday", { ...file, particulars });
  expect(screen.queryByRole("term")).not.toBeInTheDocument();
});
