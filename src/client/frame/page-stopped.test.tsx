/** @jest-environment ./src/testing/browser-environment.cjs */
import "@testing-library/jest-dom";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { PageStopped } from "./PageStopped";

beforeEach(() => localStorage.clear());
afterEach(() => window.history.replaceState(null, "", "/"));

describe("a page that has stopped", () => {
  it("says that nothing is lost, and tries again without any catalogue", async () => {
    const again = jest.fn();
    render(<PageStopped onAgain={again} />);
    expect(screen.getByRole("alert")).toHaveTextContent("Nothing recorded on this device is lost.");
    await userEvent.click(screen.getByRole("button", { name: "Try again" }));
    expect(again).toHaveBeenCalledTimes(1);
  });

  it("says so in German on the skipper's side, where German was chosen", () => {
    window.history.replaceState(null, "", "/book");
    localStorage.setItem("brinecove-language", "de");
    render(<PageStopped onAgain={() => undefined} />);
    expect(screen.getByRole("heading")).toHaveTextContent("Diese Seite ist stehen geblieben");
  });
});
