import { demoYacht } from "../../testing/demo-yacht";
import { collectionFields } from "../yacht/draft/fields";
import { askedByPlace } from "./asked";

const file = demoYacht("little-auk");
const fields = collectionFields();
const asked = (...untold: string[]) =>
  askedByPlace(file, untold, fields).map(({ place, parts }) => [
    place,
    parts.map(({ path, fields: of }) => [path, of.map(({ part, field }) => `${part}/${field.name}`)]),
  ]);

it("asks place by place in the order of the walk, the whole boat first and her particulars before all", () => {
  // the cabin comes after the bow in her file
  expect(
    asked(
      "/batteries/service/chemistry",
      "/sails/main/areaM2",
      "/fittings/anchor-cleat/where",
      "/particulars/lengthM",
      "/batteries/service/capacityAh",
    ),
  ).toEqual([
    [
      "",
      [
        ["/particulars", ["/particulars/lengthM"]],
        ["/sails/main", ["/sails/main/areaM2"]],
      ],
    ],
    ["bow", [["/fittings/anchor-cleat", ["/fittings/anchor-cleat/where"]]]],
    ["cabin", [["/batteries/service", ["/batteries/service/chemistry", "/batteries/service/capacityAh"]]]],
  ]);
});

it("asks for what is inside a part with that part, and for a place at itself", () => {
  expect(asked("/groundTackle/main/marks/0/atM", "/places/bow/reach")).toEqual([
    [
      "bow",
      [
        ["/groundTackle/main", ["/groundTackle/main/marks/0/atM"]],
        ["/places/bow", ["/places/bow/reach"]],
      ],
    ],
  ]);
});

it("asks nothing where nothing is untold, and for no field that there is not", () =>
  expect(asked("/fittings/anchor-cleat/nothing")).toEqual([]));
