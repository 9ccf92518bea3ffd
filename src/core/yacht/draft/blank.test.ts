import { mismatch } from "../../../formats/validate";
import { demoYacht } from "../../../testing/demo-yacht";
import { checkFile } from "../../checks";
import { YachtFile } from "../schema";
import { blankPart } from "./blank";
import { collectionFields } from "./fields";
import { withValue } from "./pointer";

const file = demoYacht("quillback");
const fields = collectionFields();
const stepFields = fields.procedures!.find(({ name }) => name === "steps")!.of!;

it("makes a step that the schema takes and the checks do not let through until it is written", () => {
  const [key, procedure] = Object.entries(file.procedures)[0]!;
  const draft = withValue(
    file,
    `/procedures/${key}/steps/${procedure.steps.length}`,
    blankPart(stepFields, file, "procedures"),
  ) as YachtFile;
  expect(mismatch(YachtFile, draft)).toBeNull();
  expect(checkFile(draft, "2027-06-12").filter(({ check }) => check === "texts-written")).toEqual([
    {
      check: "texts-written",
      level: "error",
      path: `/procedures/${key}/steps/${procedure.steps.length}/words`,
      message: "This text is still to be written",
    },
  ]);
});

it("makes an entry that is a text, and parts with the first of what can be chosen", () => {
  expect(blankPart([], file, "emergencyCards")).toEqual({ en: "…" });
  expect(blankPart(fields.ways!, file, "ways")).toMatchObject({ from: Object.keys(file.places)[0], seconds: 1 });
});

// what is stowed is made with the day it was bought, elsewhere
it.each(Object.keys(fields).filter((collection) => !["particulars", "inventory"].includes(collection)))(
  "makes a part of %s that the schema takes",
  (collection) => {
    expect(
      mismatch(
        YachtFile,
        withValue(file, `/${collection}/quite-new`, blankPart(fields[collection]!, file, collection)),
      ),
    ).toBeNull();
  },
);
