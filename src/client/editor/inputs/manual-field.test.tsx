/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor } from "@testing-library/react";
import { sha256Hex } from "@/core/basics/digest";
import { drawDesk, wire } from "@/testing/screen";
import { ManualField } from "./ManualField";

afterEach(cleanup);
const bytes = new TextEncoder().encode("%PDF-1.4 %%EOF");
// the stand-in for a browser reads no files by itself
const file = (size = bytes.length) =>
  Object.defineProperty(
    Object.assign(new File([bytes], "windlass.pdf", { type: "application/pdf" }), {
      arrayBuffer: () => Promise.resolve(bytes.buffer),
    }),
    "size",
    { value: size },
  );
const show = (value: string | null = null, onKeep = jest.fn(() => Promise.resolve(true))) => ({
  onKeep,
  user: drawDesk(<ManualField label="Manual" value={value} error={null} disabled={false} onKeep={onKeep} />),
});

describe("the manual of a device, in the editor", () => {
  it("is kept at the base first, then named by its hash in the file", async () => {
    const base = wire();
    base.answer(200, {});
    const { user, onKeep } = show();
    await user.upload(screen.getByLabelText("Manual: none yet"), file());
    await waitFor(() => expect(onKeep).toHaveBeenCalledWith(sha256Hex(bytes)));
    expect(base.asked).toMatchObject([{ method: "PUT", path: `/api/manuals/${sha256Hex(bytes)}` }]);
  });

  it("is not named where the base refuses it, and is not sent where it is too large", async () => {
    const base = wire();
    base.answer(422, { error: { code: "no-pdf", message: "This is no whole PDF.", where: null } });
    const { user, onKeep } = show();
    await user.upload(screen.getByLabelText("Manual: none yet"), file());
    expect(await screen.findByText("This is no whole PDF.")).toBeInTheDocument();
    await user.upload(screen.getByLabelText("Manual: none yet"), file(21_000_000));
    expect(await screen.findByText(/^A manual may have 20 MB/)).toBeInTheDocument();
    expect(base.asked).toHaveLength(1);
    expect(onKeep).not.toHaveBeenCalled();
  });

  it("is looked at, changed or taken out", async () => {
    const { user, onKeep } = show("a".repeat(64));
    expect(screen.getByRole("link", { name: "Open the manual" })).toHaveAttribute(
      "href",
      `/api/manuals/${"a".repeat(64)}`,
    );
    await user.click(screen.getByRole("button", { name: "Remove" }));
    expect(onKeep).toHaveBeenCalledWith(null);
  });
});
