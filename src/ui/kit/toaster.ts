import { createToaster } from "@chakra-ui/react";

/** What has just happened, said for some seconds at the foot of the desk. */
export const toaster = createToaster({ placement: "bottom", duration: 8000, max: 3 });
