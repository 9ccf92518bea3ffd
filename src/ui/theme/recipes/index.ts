import { button } from "./button";
import { combobox } from "./combobox";
import { dialog } from "./dialog";
import { emptyState } from "./empty-state";
import { input } from "./input";
import { menu } from "./menu";
import { numberInput } from "./number-input";
import { pagination } from "./pagination";
import { progress } from "./progress";
import { segmentGroup } from "./segment-group";
import { skeleton } from "./skeleton";
import { tabs } from "./tabs";
import { timeline } from "./timeline";
import { toast } from "./toast";

/** How Chakra's parts look here: one file for each part. */
export const recipes = { button, input, skeleton };
export const slotRecipes = {
  combobox,
  dialog,
  emptyState,
  menu,
  numberInput,
  pagination,
  progress,
  segmentGroup,
  tabs,
  timeline,
  toast,
};
