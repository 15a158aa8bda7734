import type { NextConfig } from "next";

const contentSecurityPolicy = [
  "default-src 'self'",
  "script-src 'self' 'unsafe-inline'",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self'",
  "frame-ancestors 'none'",
  "base-uri 'self'",
  "form-action 'self'",
].join("; ");

const config: NextConfig = {
  // Written into the scripts when they are built: pages kept by an earlier release are put away by it.
  env: { INNER_FOLD_RELEASE: String(Date.now()) },
  // Without this the build passes and the run fails: the database ships its own WebAssembly file.
  serverExternalPackages: ["@electric-sql/pglite"],
  poweredByHeader: false,
  devIndicators: false,
  experimental: { serverActions: { bodySizeLimit: "1mb" } },
  headers: async () =>
    process.env.NODE_ENV === "production"
      ? [
          {
            source: "/:path*",
            headers: [
              { key: "Content-Security-Policy", value: contentSecurityPolicy },
              { key: "X-Content-Type-Options", value: "nosniff" },
              { key: "Referrer-Policy", value: "no-referrer" },
            ],
          },
        ]
      : [],
};

export default config;
