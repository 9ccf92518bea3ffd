/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen } from "@testing-library/react";
import { useState } from "react";
import { drawDesk } from "@/testing/screen";
import { ChooseAll, ChooseRow } from "./choosing";

afterEach(cleanup);

function Rows({ onPage, may }: { onPage: string[]; may?: (id: string) => boolean }) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(["elsewhere"]));
  const given = { chosen, onChosen: setChosen, ...(may ? { may } : {}) };
  return (
    <table aria-label={[...chosen].sort().join(" ")}>
      <tbody>
        <tr>
          <ChooseAll {...given} shown={onPage} />
          {onPage.map((id) => (
            <ChooseRow key={id} id={id} name={id} {...given} />
          ))}
        </tr>
      </tbody>
    </table>
  );
}
const chosen = () => screen.getByRole("table").getAttribute("aria-label");

it("chooses what is shown and nothing else; what is chosen on other pages stays", async () => {
  const user = drawDesk(<Rows onPage={["a", "b"]} />);
  const [all] = screen.getAllByRole("checkbox");
  if (!all) throw new Error("no box");
  await user.click(all);
  expect(chosen()).toBe("a b elsewhere");
  await user.click(screen.getByRole("checkbox", { name: /a$/ }));
  expect([chosen(), (all as HTMLInputElement).checked]).toEqual(["b elsewhere", false]);
  await user.click(all);
  await user.click(all);
  expect(chosen()).toBe("elsewhere");
});

it("leaves alone what cannot be chosen", async () => {
  const user = drawDesk(<Rows onPage={["a", "b"]} may={(id) => id !== "b"} />);
  const [all] = screen.getAllByRole("checkbox");
  if (!all) throw new Error("no box");
  expect(screen.getByRole("checkbox", { name: /b$/ })).toBeDisabled();
  await user.click(all);
  expect([chosen(), (all as HTMLInputElement).checked]).toEqual(["a elsewhere", true]);
});
