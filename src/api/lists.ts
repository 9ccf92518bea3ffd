import { Type } from "@sinclair/typebox";
import { Extras } from "../core/extras/extra";
import { Tasks } from "../core/tasks/task";
import { Key, strict } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById } from "./fields";
import { closed } from "./schemas/closed";

const onNumber = Type.Integer({ minimum: 0, maximum: 2_000_000_000 });

export const keepExtras = endpoint({
  name: "keep-extras",
  method: "POST",
  path: "/api/base/extras",
  about: "Keeps the list of what the base lends to charters, never over another's change unseen.",
  who: [staff("keep-extras")],
  body: Type.Object({ onNumber, extras: Extras }, closed),
  maxBytes: 500_000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "extras-wrong"],
});

export const keepTasks = endpoint({
  name: "keep-tasks",
  method: "POST",
  path: "/api/base/tasks",
  about: "Keeps the list of what the base does between two charters, never over another's change unseen.",
  who: [staff("keep-tasks")],
  body: Type.Object({ onNumber, tasks: Tasks }, closed),
  maxBytes: 500_000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "tasks-wrong"],
});

export const hireExtras = endpoint({
  name: "hire-extras",
  method: "POST",
  path: "/api/charters/{id}/extras",
  about: "Keeps which extras a charter hires; until its check-in is opened.",
  who: [staff("hire-extras")],
  params: ById,
  body: Type.Object(
    {
      onNumber,
      hired: Type.Array(strict({ key: Key, count: Type.Integer({ minimum: 1, maximum: 99 }), place: Key }), {
        maxItems: 60,
      }),
    },
    closed,
  ),
  maxBytes: 20_000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "list-fixed", "extra-unknown", "extra-too-many", "no-such-charter", "no-such-place"],
});
