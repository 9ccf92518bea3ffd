/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen } from "@testing-library/react";
import { drawDesk } from "@/testing/screen";
import { TextField } from "./inputs/TextField";

const field = (props: Partial<Parameters<typeof TextField>[0]> = {}) => (
  <TextField label="Where" value="behind the stove" error={null} disabled={false} onKeep={keep} {...props} />
);
const keep = jest.fn<Promise<boolean>, [string]>();
beforeEach(() => {
  keep.mockReset();
  keep.mockResolvedValue(true);
});

describe("a field of the editor", () => {
  it("keeps what was typed when it is left, without blanks around it", async () => {
    const person = drawDesk(field());
    await person.clear(screen.getByLabelText("Where"));
    await person.type(screen.getByLabelText("Where"), " left of the stove ");
    expect(keep).not.toHaveBeenCalled();
    await person.tab();
    expect(keep).toHaveBeenCalledWith("left of the stove");
  });

  it("keeps nothing where nothing was changed", async () => {
    const person = drawDesk(field());
    await person.click(screen.getByLabelText("Where"));
    await person.tab();
    await person.type(screen.getByLabelText("Where"), " {Enter}");
    expect(keep).not.toHaveBeenCalled();
  });

  it("leaves what was refused typed, and says what stands there now", async () => {
    keep.mockResolvedValue(false);
    const person = drawDesk(field({ error: "Somebody else changed this meanwhile.", value: "under the sink" }));
    await person.clear(screen.getByLabelText("Where"));
    await person.type(screen.getByLabelText("Where"), "left of the stove{Enter}");
    expect(screen.getByLabelText("Where")).toHaveValue("left of the stove");
    expect(screen.getByRole("alert")).toHaveTextContent("Somebody else changed this meanwhile.");
    expect(screen.getByText(/under the sink/)).toBeInTheDocument();
  });

  it("says that a figure is none", async () => {
    keep.mockResolvedValue(false);
    const person = drawDesk(field({ number: true, value: "12" }));
    await person.clear(screen.getByLabelText("Where"));
    await person.type(screen.getByLabelText("Where"), "a dozen{Enter}");
    expect(await screen.findByRole("alert")).toHaveTextContent(/number/i);
  });

  it("gives a long text more than one line", () => {
    drawDesk(
      field({
        long: true,
        value: "Turn it a quarter to the left until it stops, then back by a finger’s breadth, slowly.",
      }),
    );
    expect(screen.getByLabelText("Where").tagName).toBe("TEXTAREA");
  });

  it("stays the same field while a long text becomes a short one, and keeps it when left", async () => {
    const person = drawDesk(
      field({ long: true, value: "Turn it a quarter to the left until it stops, then back a little." }),
    );
    const begun = screen.getByLabelText("Where");
    await person.clear(begun);
    await person.type(begun, "turn it left");
    expect(screen.getByLabelText("Where")).toBe(begun);
    expect(begun).toHaveFocus();
    await person.tab();
    expect(keep).toHaveBeenCalledWith("turn it left");
  });

  it("is not to be typed into by who may not", () => {
    drawDesk(field({ disabled: true }));
    expect(screen.getByLabelText("Where")).toBeDisabled();
  });
});
