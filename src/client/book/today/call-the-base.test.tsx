/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen } from "@testing-library/react";
import { draw } from "@/testing/screen";
import { CallTheBase } from "./CallTheBase";

afterEach(cleanup);

describe("how a crew reaches the base", () => {
  it("is the telephone, one tap away", () => {
    draw(<CallTheBase phone="+000 555 0142" />);
    expect(screen.getByRole("link")).toHaveAttribute("href", "tel:+0005550142");
    expect(screen.queryByText(/channel/)).toBeNull();
  });

  it("is also the channel, and when somebody is there, where the base told them", () => {
    draw(<CallTheBase phone="+000 555 0142" channel="72" hours="daily 8:30 to 18:00" />);
    expect(screen.getByText("On the radio: channel 72")).toBeInTheDocument();
    expect(screen.getByText("daily 8:30 to 18:00")).toBeInTheDocument();
  });
});
