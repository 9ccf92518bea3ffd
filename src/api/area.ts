import { Type } from "@sinclair/typebox";
import { Area } from "../core/area/area";
import { staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";

export const keepArea = endpoint({
  name: "keep-area",
  method: "POST",
  path: "/api/base/area",
  about: "Keeps the waters of the base as GeoJSON, never over another's change unseen.",
  who: [staff("keep-area")],
  body: Type.Object({ onNumber: Type.Integer({ minimum: 0, maximum: 2_000_000_000 }), area: Area }, closed),
  maxBytes: 2_000_000,
  status: 201,
  answer: Done,
  errors: ["area-changed", "area-wrong"],
});

export const saveArea = endpoint({
  name: "save-area",
  method: "GET",
  path: "/api/area.geojson",
  about: "The waters of the base as they stand, as GeoJSON.",
  who: [staff("see-desk")],
  answer: media("application/geo+json"),
  errors: ["no-area"],
});
