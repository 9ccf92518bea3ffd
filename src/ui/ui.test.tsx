/** @jest-environment ./src/testing/browser-environment.cjs */
import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import "@testing-library/jest-dom";
import { useState } from "react";
import { Choice } from "./Choice";
import { Field } from "./Field";
import { SignatureField, type Signed } from "./signature/SignatureField";
import { VerdictMark } from "./VerdictMark";

describe("a choice", () => {
  it("tells by its pressed state which one is taken, and gives what was tapped", async () => {
    const chosen = jest.fn();
    const options = [
      { value: "yes" as const, word: "Yes" },
      { value: "no" as const, word: "No" },
    ];
    render(<Choice label="May she leave?" options={options} value="no" onChoose={chosen} />);
    expect(screen.getByRole("group", { name: "May she leave?" })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: "No" })).toHaveAttribute("aria-pressed", "true");
    await userEvent.click(screen.getByRole("button", { name: "Yes" }));
    expect(chosen).toHaveBeenCalledWith("yes");
  });
});

describe("a field", () => {
  it("has its label, and its error instead of its hint, read with it", () => {
    const { rerender } = render(
      <Field label="Litres" hint="Off the gauge.">
        {(ids) => <input {...ids} />}
      </Field>,
    );
    expect(screen.getByLabelText("Litres")).toHaveAccessibleDescription("Off the gauge.");
    expect(screen.getByLabelText("Litres")).toBeValid();
    rerender(
      <Field label="Litres" hint="Off the gauge." error="Numbers, please.">
        {(ids) => <input {...ids} />}
      </Field>,
    );
    expect(screen.getByLabelText("Litres")).toHaveAccessibleDescription("Numbers, please.");
    expect(screen.getByLabelText("Litres")).toBeInvalid();
    expect(screen.getByRole("alert")).toHaveTextContent("Numbers, please.");
  });
});

describe("a verdict's mark", () => {
  it("differs by shape, not by colour alone", () => {
    const shapes = (["fine", "watch", "stop"] as const).map((verdict) => {
      const { container } = render(<VerdictMark verdict={verdict} />);
      return [...container.querySelectorAll("svg *")].map((shape) => shape.tagName).join(" ");
    });
    expect(new Set(shapes).size).toBe(3);
  });
});

describe("a signature", () => {
  const words = {
    draw: "Draw it",
    type: "Type the name",
    clear: "Clear",
    label: "Signature",
    typedLabel: "Your full name",
    pad: "Sign here",
  };
  let signed: Signed | null;
  function Sheet() {
    const [value, setValue] = useState<Signed | null>(null);
    signed = value;
    return <SignatureField title="Skipper" name="Isa Calder" words={words} error={null} onChange={setValue} />;
  }
  beforeEach(() => {
    signed = null;
  });

  it("is nothing until something stands there, and says whose it is", () => {
    render(<Sheet />);
    expect(screen.getByRole("group", { name: "Skipper: Isa Calder" })).toBeInTheDocument();
    expect(signed).toBeNull();
  });

  it("takes a typed name, blanks being none, and clears it", async () => {
    const person = userEvent.setup();
    render(<Sheet />);
    await person.click(screen.getByRole("button", { name: "Type the name" }));
    await person.type(screen.getByLabelText("Your full name"), "   ");
    expect(signed).toBeNull();
    await person.type(screen.getByLabelText("Your full name"), "Isa Calder ");
    expect(signed).toEqual({ how: "typed", name: "Isa Calder", strokes: [] });
    await person.click(screen.getByRole("button", { name: "Clear" }));
    expect(signed).toBeNull();
    expect(screen.getByLabelText("Your full name")).toHaveValue("");
  });

  it("takes strokes of a finger, and loses them when one types instead", async () => {
    render(<Sheet />);
    const pad = screen.getByRole("img", { name: "Sign here" });
    const at = (type: string, x: number, y: number) =>
      fireEvent(
        pad,
        new MouseEvent(type, {
          bubbles: true,
          cancelable: true,
          clientX: x,
          clientY: y,
          buttons: type === "mouseup" ? 0 : 1,
        }),
      );
    at("mousedown", 10, 10);
    for (let x = 20; x <= 60; x += 10) at("mousemove", x, 20);
    at("mouseup", 60, 20);
    expect(signed).toMatchObject({ how: "drawn", name: "Isa Calder" });
    expect(signed!.strokes.flat().length).toBeGreaterThan(1);
    await userEvent.click(screen.getByRole("button", { name: "Type the name" }));
    expect(signed).toBeNull();
  });
});
