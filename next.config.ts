import type { NextConfig } from "next";

const config: NextConfig = {
  // Written into the scripts when they are built: pages kept by an earlier release are put away by it.
  env: { INNER_FOLD_RELEASE: String(Date.now()) },
  // Without this the build passes and the run fails: the database ships its own WebAssembly file.
  serverExternalPackages: ["@electric-sql/pglite"],
  poweredByHeader: false,
  devIndicators: false,
  // No picture of ours is of another size than it is shown: what makes others costs much, and is open to anybody.
  images: { unoptimized: true },
  experimental: { serverActions: { bodySizeLimit: "1mb" } },
  headers: async () =>
    process.env.NODE_ENV === "production"
      ? [
          {
            source: "/:path*",
            headers: [
              { key: "X-Content-Type-Options", value: "nosniff" },
              { key: "Referrer-Policy", value: "no-referrer" },
            ],
          },
        ]
      : [],
};

export default config;
