import type { MetadataRoute } from "next";

/** What a tablet needs to keep Inner Fold among its own programs. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Inner Fold",
    short_name: "Inner Fold",
    description: "From the tape to the chalk, on the fold.",
    start_url: "/",
    display: "standalone",
    background_color: "#e3d6c0",
    theme_color: "#3b2340",
    icons: [
      { src: "/icon.svg", sizes: "any", type: "image/svg+xml" },
      { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icon-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
  };
}
