import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Inner Fold", template: "%s · Inner Fold" },
  description: "From the tape to the chalk, on the fold.",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#3b2340" };

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
