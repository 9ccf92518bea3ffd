/** @jest-environment ./src/testing/browser-environment.cjs */
import { readFileSync } from "node:fs";
import { screen, within } from "@testing-library/react";
import { checkFile } from "@/core/checks";
import { collectionFields } from "@/core/yacht/draft/fields";
import { withValue } from "@/core/yacht/draft/pointer";
import type { YachtFile } from "@/core/yacht/schema";
import { drawDesk } from "@/testing/screen";
import type { Draft } from "./inputs/useDraft";
import { ToldPart } from "./ToldPart";

const today = "2027-06-12";
const template = JSON.parse(readFileSync("templates/day-boat.json", "utf8")) as YachtFile;
const change = jest.fn<Promise<boolean>, [unknown]>().mockResolvedValue(true);
const onOpen = jest.fn();
beforeEach(() => jest.clearAllMocks());
const draw = (document: YachtFile, mayEdit = true) =>
  drawDesk(
    <ToldPart
      draft={{ screen: { document, findings: checkFile(document, today) }, fault: null, change } as unknown as Draft}
      fields={collectionFields()}
      mayEdit={mayEdit}
      onOpen={onOpen}
    />,
  );
const place = (name: string) => within(screen.getByRole("region", { name }));

describe("what nobody has told yet", () => {
  it("is asked place by place, her own figures first, each with an empty field", async () => {
    const person = draw(template);
    const first = place("Particulars");
    expect(first.getByLabelText("Length, m")).toHaveValue("");
    expect(screen.getByRole("button", { name: /Cockpit.*left to tell/ })).toHaveAttribute("aria-expanded", "false");
    await person.type(first.getByLabelText("Length, m"), "6,7{Enter}");
    expect(change).toHaveBeenCalledWith([{ path: "/particulars/lengthM", to: 6.7 }]);
  });

  it("refuses what is no figure", async () => {
    const person = draw(template);
    const field = place("Particulars").getByLabelText("Beam, m");
    await person.type(field, "two{Enter}");
    expect(change).not.toHaveBeenCalled();
    expect(await screen.findByText("A number, please.")).toBeInTheDocument();
  });

  it("asks in words and by choice at the place where the thing is", async () => {
    const person = draw(template);
    await person.click(screen.getByRole("button", { name: /^▸ Cabin/ }));
    const cabin = place("Cabin");
    expect(cabin.getByLabelText("Chemistry")).toHaveValue("");
    await person.selectOptions(cabin.getByLabelText("Chemistry"), "agm");
    expect(change).toHaveBeenCalledWith([{ path: "/batteries/service/chemistry", to: "agm" }]);
    await person.click(cabin.getByRole("button", { name: "Battery switch" }));
    expect(onOpen).toHaveBeenCalledWith("/fittings/battery-switch");
  });

  it("takes one day for all that came with her", async () => {
    const person = draw(template);
    await person.type(screen.getByLabelText("Bought on, for all that nobody has told"), "2024-04-01");
    await person.click(screen.getByRole("button", { name: "Put it in for all" }));
    const sent = change.mock.calls[0]![0] as { path: string; to: string }[];
    expect(sent).toHaveLength(Object.keys(template.inventory).length);
    expect(sent[0]).toEqual({ path: "/inventory/anchor/boughtOn", to: "2024-04-01" });
  });

  it("shows no field that is told", () => {
    const told = withValue(template, "/particulars/lengthM", 6.7) as YachtFile;
    draw(told);
    expect(place("Particulars").queryByLabelText("Length, m")).not.toBeInTheDocument();
    expect(place("Particulars").getByLabelText("Beam, m")).toBeInTheDocument();
  });

  it("is read and not told by who may not", () => {
    draw(template, false);
    expect(place("Particulars").getByLabelText("Length, m")).toBeDisabled();
    expect(screen.queryByRole("button", { name: "Put it in for all" })).not.toBeInTheDocument();
  });
});
