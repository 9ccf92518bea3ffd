"use client";
import type { ComponentProps } from "react";
import { Dialog } from "./Dialog";

/** Shows one row in full at the side and leaves the rows it stands among in sight. */
export const Drawer = (props: Omit<ComponentProps<typeof Dialog>, "atSide">) => <Dialog {...props} atSide />;
