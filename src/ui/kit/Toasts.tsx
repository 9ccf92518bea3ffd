"use client";
import { Button, Portal, Toast, Toaster } from "@chakra-ui/react";
import { toaster } from "./toaster";

/** Shows what has just happened, with one thing that can be done about it: mostly to undo it. */
export function Toasts() {
  return (
    <Portal>
      <Toaster toaster={toaster} insetInline="4">
        {(toast) => (
          <Toast.Root>
            <Toast.Title>{toast.title}</Toast.Title>
            {toast.action && (
              <Toast.ActionTrigger asChild>
                <Button>{toast.action.label}</Button>
              </Toast.ActionTrigger>
            )}
          </Toast.Root>
        )}
      </Toaster>
    </Portal>
  );
}
