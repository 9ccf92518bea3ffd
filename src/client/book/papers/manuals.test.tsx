/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, within } from "@testing-library/react";
import { demoYacht } from "@/testing/demo-yacht";
import { draw } from "@/testing/screen";
import { Manuals } from "./Manuals";

describe("manuals among the papers", () => {
  it("are not spoken of where the base keeps none", () => {
    const { equipment } = demoYacht("quillback");
    expect(Object.values(equipment).some(({ manual }) => manual)).toBe(false);
    draw(<Manuals file={demoYacht("quillback")} />);
    expect(screen.queryByRole("region")).toBeNull();
  });

  it("are listed by what they are of, each with its way and that it takes signal", () => {
    const file = structuredClone(demoYacht("quillback"));
    const [id, part] = Object.entries(file.equipment)[0]!;
    file.equipment[id] = { ...part, manual: "ab".repeat(32) };
    draw(<Manuals file={file} />);
    const section = within(screen.getByRole("region", { name: "Manuals" }));
    expect(section.getByRole("heading", { level: 3 })).toHaveTextContent(part.name.en ?? "");
    expect(section.getByRole("link", { name: "Open the manual (PDF)" })).toHaveAttribute(
      "href",
      `/api/manuals/${"ab".repeat(32)}`,
    );
    expect(section.getByText(/takes signal/)).toBeInTheDocument();
  });
});
