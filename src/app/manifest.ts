import type { MetadataRoute } from "next";

/** What a device needs to put the boat book on its home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Brinecove boat book",
    short_name: "Brinecove",
    description: "Your yacht: find a thing, do a thing, what is wrong",
    start_url: "/book",
    scope: "/",
    display: "standalone",
    background_color: "#f5f0e4",
    theme_color: "#10302b",
    icons: [{ src: "/icon.svg", sizes: "any", type: "image/svg+xml" }],
  };
}
